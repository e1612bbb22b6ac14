import { isBlack, placeOf } from '../surface'

/** Two successive bars as sticks meet them. */
export interface Pair {
  /** Distance along the instrument in natural pitches; an accidental lies at a half. */
  readonly distance: number
  /** From one row to the other. */
  readonly rows: boolean
  /** Whether the second lies higher; null on one and the same bar. */
  readonly rising: boolean | null
}

export const pairOf = (from: number, to: number): Pair => ({
  distance: Math.abs(placeOf(to) - placeOf(from)),
  rows: isBlack(from) !== isBlack(to),
  rising: from === to ? null : to > from,
})

/** How awkward it is that the lower of two neighbours is struck by the right stick and the upper by the left. */
export type Severity = 'trivial' | 'mild' | 'hard'

/** Derived: a neighbour in the same row is trivial, a semitone between the rows mild, everything wider hard. */
export function severityOf({ distance, rows }: Pair): Severity {
  if (distance >= 1.5) return 'hard'
  return rows ? 'mild' : 'trivial'
}

/** Where the hands are and how far the rows lie apart, mm: a player at rest before a marimba. Derived. */
const HANDS_APART = 300
const BEHIND = 400
const ROWS_APART = 150

/**
 * How far along the instrument two bars of different rows may lie apart before the shafts of an inverted pair cross,
 * mm; the lower bar straight before the player. Each shaft is a straight line from its hand, and they cross where the
 * one that reaches for the far row runs over the bar on the near one. Within a row there is no such bound: sticks
 * clear each other by lifting.
 */
export const clearance = (onAccidental: 'R' | 'L'): number =>
  ((HANDS_APART / 2) * ROWS_APART) / (onAccidental === 'R' ? BEHIND + ROWS_APART : BEHIND)
