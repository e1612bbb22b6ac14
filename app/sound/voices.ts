import { instrumentOf, INSTRUMENTS, type Recipe } from '#core/instrument'

/** What is sounded: a make of instruments, and the sounding keys or bars that any of its sizes has (MIDI). */
export interface Voice {
  readonly make: string
  readonly lowest: number
  readonly highest: number
}

/** How a make sounds. */
interface Sound {
  /** One note: samples from -1 to 1, mono, by sounding pitch (MIDI), rate and length in seconds. */
  readonly note: (midi: number, sampleRate: number, seconds: number) => Float32Array
  /** How long a note can last, seconds. */
  readonly seconds: number
  /** What makes all makes, as they are worked out, about as loud as they are recorded. */
  readonly decibels: number
  /** Every so many semitones one sample is worked out; the sampler bends the rest, a little only. */
  readonly every: number
}
export type Voices = Readonly<Record<string, Sound>>

/** The voice that an instrument is heard with; all sizes of a make share one. */
export function voiceOf(recipe: Pick<Recipe, 'instrument'>): Voice {
  const { make } = instrumentOf(recipe)
  const sizes = INSTRUMENTS.filter((each) => each.make === make)
  return {
    make,
    lowest: Math.min(...sizes.map((each) => each.sounding?.lowest ?? each.lowest + each.transposition)),
    highest: Math.max(...sizes.map((each) => each.sounding?.highest ?? each.highest + each.transposition)),
  }
}
