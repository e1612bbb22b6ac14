import type { Rhythm } from '../study'

export const METRONOMES = ['off', 'beats', 'halves', 'thirds', 'quarters'] as const
export type Metronome = (typeof METRONOMES)[number]

/** A click of the metronome, in beats. */
export interface Click {
  readonly beat: number
  /** The first of a bar, a beat, or between beats. */
  readonly weight: 'bar' | 'beat' | 'between'
}

const PARTS: Record<Metronome, number> = { off: 0, beats: 1, halves: 2, thirds: 3, quarters: 4 }

/** Clicks from a whole beat on, up to another, that one left out. Bars count from beat 0. */
export function clicksOver(
  from: number,
  to: number,
  metronome: Metronome,
  { beatsPerBar }: Pick<Rhythm, 'beatsPerBar'>,
): Click[] {
  const parts = PARTS[metronome]
  if (parts === 0) return []
  return Array.from({ length: (to - from) * parts }, (_, at): Click => {
    const beat = from + at / parts
    if (at % parts !== 0) return { beat, weight: 'between' }
    return { beat, weight: (from + at / parts) % beatsPerBar === 0 ? 'bar' : 'beat' }
  })
}

/** The count before the first round: so many bars that end where it begins. Counted whatever the metronome does later. */
export const countIn = (bars: number, rhythm: Pick<Rhythm, 'beatsPerBar'>): Click[] =>
  clicksOver(0, bars * rhythm.beatsPerBar, 'beats', rhythm)
