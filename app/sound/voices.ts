import type { Recipe } from '#core/study'
import { MALLET_INSTRUMENTS, type MalletFamily, malletInstrument, PIANO } from '#core/surface'

/** What is sounded: a family of instruments, and the sounding keys or bars that any of it has (MIDI). */
export interface Voice {
  readonly family: 'piano' | MalletFamily
  readonly lowest: number
  readonly highest: number
}

/** The voice that an instrument is heard with; all sizes of a family share one. */
export function voiceOf(instrument: Recipe['instrument']): Voice {
  if (instrument === 'piano') return { family: 'piano', lowest: PIANO.lowest, highest: PIANO.highest }
  const { family, transposition } = malletInstrument(instrument)
  const sizes = MALLET_INSTRUMENTS.filter((each) => each.family === family)
  return {
    family,
    lowest: Math.min(...sizes.map((each) => each.lowest)) + transposition,
    highest: Math.max(...sizes.map((each) => each.highest)) + transposition,
  }
}
