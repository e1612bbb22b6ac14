import { expose, transfer } from 'comlink'
import { woodClick } from '~/sound/click'
import type { Voice, Voices } from '~/sound/voices'

export type Note = { readonly midi: number; readonly samples: Float32Array<ArrayBuffer> }

/** Samples of the instrument, by MIDI number, and of the metronome's clicks. */
export interface Samples {
  readonly notes: readonly Note[]
  readonly decibels: number
  readonly clicks: Readonly<Record<'bar' | 'beat' | 'between', Float32Array<ArrayBuffer>>>
}

/** Lowest and highest sounding pitch (MIDI) of what is to be heard. */
export type Compass = readonly [low: number, high: number]

const CLICKS = { bar: 1900, beat: 1250, between: 820 } as const

/** Each family's folder has the sounds of its makes. */
const found = import.meta.glob<{ makes: Voices }>('../components/instrument/*/voice.ts', { eager: true })
const MAKES: Voices = Object.assign({}, ...Object.values(found).map(({ makes }) => makes))

/** What is heard at once is this long: longer notes follow. */
const FIRST_SECONDS = 1.2

/** Pitches of which notes are worked out; the sampler bends the rest. */
const pitchesOf = ({ make, lowest, highest }: Voice): number[] => {
  const { every } = MAKES[make]!
  return Array.from({ length: Math.floor((highest - lowest) / every) + 2 }, (_, at) => lowest + every * at)
}
const notesOf = (make: string, pitches: readonly number[], sampleRate: number, most = Infinity): Note[] => {
  const { note, seconds } = MAKES[make]!
  const lasts = Math.min(most, seconds)
  return pitches.map((midi) => ({ midi, samples: note(midi, sampleRate, lasts) as Float32Array<ArrayBuffer> }))
}

const api = {
  /** Works out what is heard first: the notes around a compass, as short as they can be, and the clicks. */
  samples(voice: Voice, sampleRate: number, [low, high]: Compass): Samples {
    const { every, decibels } = MAKES[voice.make]!
    const near = pitchesOf(voice).filter((midi) => midi > low - every && midi < high + every)
    const notes = notesOf(voice.make, near, sampleRate, FIRST_SECONDS)
    const click = (weight: keyof typeof CLICKS) => woodClick(CLICKS[weight], sampleRate) as Float32Array<ArrayBuffer>
    const clicks = { bar: click('bar'), beat: click('beat'), between: click('between') }
    const buffers = [
      ...notes.map(({ samples }) => samples.buffer),
      ...Object.values(clicks).map(({ buffer }) => buffer),
    ]
    return transfer({ notes, clicks, decibels }, buffers)
  },

  /** Works out all notes of the instrument, as long as they last. */
  all(voice: Voice, sampleRate: number): Note[] {
    const notes = notesOf(voice.make, pitchesOf(voice), sampleRate)
    return transfer(
      notes,
      notes.map(({ samples }) => samples.buffer),
    )
  },
}

export type SoundApi = typeof api

expose(api)
