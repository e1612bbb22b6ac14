import type { Finger, SchoolId } from '../study'

/** Names of everything that a fingering may cost. */
export const TERMS = [
  'thumb-on-black',
  'tonic-without-thumb',
  'little-finger-inside',
  'moved-thumb',
  'pass',
  'pass-at-white',
  'pass-by-two',
  'pass-by-five',
  'far-pass',
  'fourth-on-white',
  'four-before-three',
  'stretch',
  'skipped-finger',
  'cramped',
  'off-pattern',
  'end-off-pattern',
] as const
export type Term = (typeof TERMS)[number]

/** A teaching school as data: what each term costs, and how far two fingers reach without effort. */
export interface School {
  readonly id: SchoolId
  readonly words: string
  readonly idea: string
  readonly weights: Readonly<Record<Term, number>>
  /** Relaxed reach between two fingers in mm along the keys, by `reach[lower finger][higher finger]`. */
  readonly reach: Readonly<Record<number, Readonly<Record<number, number>>>>
  /** Least distance along the keys that a finger left out wants between its neighbours, mm. */
  readonly skipRoom: number
  /** Relaxed distance from the finger to the thumb that passes it, mm. */
  readonly passReach: number
}

/**
 * The conservatory school. The order of its habits is common practice, derived from the printed tables (Hanon,
 * The Virtuoso Pianist, 1873, nos. 39-43; Cooke, Mastering the Scales and Arpeggios, 1913; both from memory). The
 * numbers are ours. Reaches are the widest that those tables ask of each pair on a keyboard with an octave of
 * 164.5 mm, rounded; the third finger gives way to the fourth beyond them.
 */
export const CONSERVATORY: School = {
  id: 'conservatory',
  words: 'conservatory school',
  idea: 'Thumbs on white keys, on the tonic where it is white; the same finger on the same degree in every octave.',
  weights: {
    'thumb-on-black': 1000,
    'tonic-without-thumb': 50,
    'little-finger-inside': 1000,
    'moved-thumb': 5,
    pass: 20,
    'pass-at-white': 4,
    'pass-by-two': 6,
    'pass-by-five': 200,
    'far-pass': 1,
    'fourth-on-white': 3,
    'four-before-three': 2,
    stretch: 2,
    'skipped-finger': 1,
    cramped: 80,
    'off-pattern': 30,
    'end-off-pattern': 8,
  },
  reach: {
    1: { 2: 100, 3: 111, 4: 150, 5: 180 },
    2: { 3: 60, 4: 95, 5: 130 },
    3: { 4: 50, 5: 80 },
    4: { 5: 55 },
  },
  skipRoom: 42,
  passReach: 80,
}

const ALL: Readonly<Record<SchoolId, School>> = { conservatory: CONSERVATORY }

export const schoolOf = (id: SchoolId): School => ALL[id]

export const FINGERS: readonly Finger[] = [1, 2, 3, 4, 5]
