import type { Stick } from '../study'

/** What strikes at a step: one stick, or both at once, the left below. */
export type Strokes = Stick | 'LR'

/** What sounds at one step. */
export interface StrikeStep {
  /** Where its notes stand in the line, lowest first. */
  readonly notes: readonly number[]
  readonly midi: number
  readonly double: boolean
  /** A tonic after the first, where an octave ends or begins: the lead may be wanted there. */
  readonly tonic: boolean
  /** Steps to the next tonic: how late in its octave a note stands. */
  readonly toTonic: number
}
