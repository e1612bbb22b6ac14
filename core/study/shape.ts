import { isDiatonic, type Kind } from '../material'

/** What every note of the walk becomes; common practice, upward forms. Downward they are mirrored. */
export const FIGURES = [
  'straight',
  'groups-of-three',
  'groups-of-four',
  'broken-thirds',
  'broken-fourths',
  'broken-fifths',
  'broken-sixths',
  'broken-sevenths',
  'fourth-then-second',
  'fifth-then-third',
  'seventh-then-sixth',
  'broken-triads',
  'broken-seventh-chords',
] as const
/** The way through the octaves. */
export const WALKS = ['straight', 'loops', 'crossing-loops', 'add-a-note', 'five-finger-first'] as const
/** The way through the keys. */
export const JOURNEYS = ['one-key', 'relay-half-step', 'relay-fourth', 'mode-chain', 'one-fewer'] as const
/** What one hand does while the other plays. */
export const ACCOMPANIMENTS = ['none', 'held-tonic', 'scale-in-bass'] as const
/** What grows from one time through to the next: notes to the beat, octaves with them, or the strokes of a roll. */
export const LADDERS = ['none', 'notes', 'octaves', 'strokes'] as const
/** Lengths of the notes, two by two. */
export const LENGTHS = ['even', 'long-short', 'short-long'] as const
/** An accent on every so many notes; 0 for none. */
export const ACCENTS = [0, 2, 3, 4, 5, 6, 7, 8] as const
export const BEFORE = ['none', 'five-finger'] as const
export const AFTER = ['none', 'tonic-chord', 'cadence'] as const
/** The first of two notes' share of their time, in per cent: 50 is straight, 67 a triplet's. */
export const SWING_RANGE = { least: 50, most: 75 } as const

export type Figure = (typeof FIGURES)[number]
export type Walk = (typeof WALKS)[number]
export type Journey = (typeof JOURNEYS)[number]
export type Accompaniment = (typeof ACCOMPANIMENTS)[number]
export type Ladder = (typeof LADDERS)[number]
export type Lengths = (typeof LENGTHS)[number]

/** How a course is shaped; the four parts combine. */
export interface Pattern {
  readonly figure: Figure
  readonly walk: Walk
  readonly journey: Journey
  readonly accompaniment: Accompaniment
}

/** How its notes lie in time, beyond so many to the beat. */
export interface RhythmShape {
  readonly ladder: Ladder
  readonly lengths: Lengths
  /** Per cent; played, and written as a word over even notes. */
  readonly swing: number
  readonly accents: (typeof ACCENTS)[number]
}

/** What is played before and after. */
export interface Bookends {
  readonly before: (typeof BEFORE)[number]
  readonly after: (typeof AFTER)[number]
}

export const PLAIN_PATTERN: Pattern = {
  figure: 'straight',
  walk: 'straight',
  journey: 'one-key',
  accompaniment: 'none',
}
export const PLAIN_RHYTHM: RhythmShape = { ladder: 'none', lengths: 'even', swing: 50, accents: 0 }
export const NO_BOOKENDS: Bookends = { before: 'none', after: 'none' }

const GROUPS: readonly Figure[] = ['straight', 'groups-of-three', 'groups-of-four']

/** Figures that a kind can take: intervals and chords are named in scales of seven notes, groups in any single notes. */
export const figuresFor = ({ texture, second, up }: Kind): readonly Figure[] => {
  if (texture !== 'run' || second) return ['straight']
  return up.length === 7 ? FIGURES : GROUPS
}

/** Walks lead through runs only; those that count degrees need a scale. */
export const walksFor = ({ texture, second, up }: Kind): readonly Walk[] => {
  if (texture !== 'run') return ['straight']
  return up.length === 7 && !second ? WALKS : ['straight', 'loops', 'crossing-loops', 'add-a-note']
}

/** Journeys name keys, or signatures and modes of major and natural minor. */
export const journeysFor = (kind: Kind): readonly Journey[] => {
  if (kind.texture !== 'run') return ['one-key']
  return isDiatonic(kind) ? JOURNEYS : ['one-key', 'relay-half-step', 'relay-fourth']
}

/** One hand holds while the other plays a scale of seven single notes. */
export const accompaniesScale = ({ texture, second, up }: Kind): boolean =>
  texture === 'run' && !second && up.length === 7

/** Bookends stand in the study's key, so it must be major or minor. */
export const takesBookends = ({ texture, mode, second }: Kind): boolean => texture === 'run' && mode !== null && !second
