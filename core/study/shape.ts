import type { Kind } from '../material'
import type { ChordLabels, Voicing } from './cadence'
import {
  type Accompaniment,
  type Figure,
  figuresOf,
  type Journey,
  type KeyStep,
  keyStepsFor,
  type LinkId,
  type Motif,
  PLAIN_SEQUENCE,
  type Sequence,
  type Walk,
  walksOf,
} from './line'

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

export type Ladder = (typeof LADDERS)[number]
export type Lengths = (typeof LENGTHS)[number]

/** How a line is shaped: a motif, how it moves, and through which keys; its parts combine. */
export interface Pattern {
  /** What every degree of the walk becomes, by name. */
  readonly figure: Figure
  /** The way through the octaves, by name. */
  readonly walk: Walk
  /** A motif of one's own, moved by the sequence; null where figure and walk say it. */
  readonly motif: Motif | null
  readonly sequence: Sequence
  /** The way through the keys. */
  readonly journey: Journey
  /** What leads from key to key. */
  readonly link: LinkId
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
  /** The cadence by its degrees; null for I IV I V7 I. */
  readonly chords: readonly string[] | null
  readonly voicing: Voicing
  /** What stands beneath its chords. */
  readonly labels: ChordLabels
}

export const PLAIN_PATTERN: Pattern = {
  figure: 'straight',
  walk: 'straight',
  motif: null,
  sequence: PLAIN_SEQUENCE,
  journey: 'one-key',
  link: 'none',
  accompaniment: 'none',
}
/** Whether two complete patterns are one. */
export const samePattern = (a: Pattern, b: Pattern): boolean =>
  (Object.keys(PLAIN_PATTERN) as (keyof Pattern)[]).every(
    (field) => JSON.stringify(a[field]) === JSON.stringify(b[field]),
  )
export const isPlainPattern = (pattern: Pattern): boolean => samePattern(pattern, PLAIN_PATTERN)

export const PLAIN_RHYTHM: RhythmShape = { ladder: 'none', lengths: 'even', swing: 50, accents: 0 }
export const NO_BOOKENDS: Bookends = {
  ...{ before: 'none', after: 'none' },
  ...{ chords: null, voicing: 'close', labels: 'none' },
}

const isScale = ({ second, up }: Kind): boolean => up.length === 7 && !second
/** Whether a kind is a run in single notes: what a motif is moved through. */
export const takesMotif = ({ texture, second }: Kind): boolean => texture === 'run' && !second

/** Figures that a kind can take: intervals and chords are named in scales of seven notes, groups in any single notes. */
export const figuresFor = (kind: Kind): readonly Figure[] =>
  takesMotif(kind) ? figuresOf(isScale(kind)) : [PLAIN_PATTERN.figure]

/** Walks lead through runs only; those that count degrees need a scale. */
export const walksFor = (kind: Kind): readonly Walk[] =>
  kind.texture === 'run' ? walksOf(isScale(kind)) : [PLAIN_PATTERN.walk]

/** Runs can be led through keys. */
const travels = ({ texture }: Kind): boolean => texture === 'run'

/** Ways from key to key that a kind can take. */
export const keyStepsIn = (kind: Kind): readonly KeyStep[] => (travels(kind) ? keyStepsFor(kind) : [])

/** Bookends stand in the study's key, so it must be major or minor. */
export const takesBookends = ({ texture, mode, second }: Kind): boolean => texture === 'run' && mode !== null && !second
