import type { Hand, Stick } from './hand'

/** Mallet instruments by make and octaves; their ranges and bars stand in `surface`. */
export const MALLET_IDS = [
  'marimba-4.0',
  'marimba-4.3',
  'marimba-4.5',
  'marimba-4.6',
  'marimba-5.0',
  'vibraphone-3.0',
  'vibraphone-3.5',
  'vibraphone-4.0',
  'xylophone-3.0',
  'xylophone-3.5',
  'xylophone-4.0',
  'glockenspiel-2.5',
  'glockenspiel-2.67',
] as const
export type MalletId = (typeof MALLET_IDS)[number]

/** How sticks are dealt out; no sticking is the official one. The default and its reason stand in docs/sticking.md. */
export const STICKING_SCHOOLS = ['doubles', 'strict', 'restore-lead', 'least-effort'] as const
export type StickingSchoolId = (typeof STICKING_SCHOOLS)[number]

/** Whether the note at a turn is struck once or twice. */
export const TOPS = ['once', 'twice'] as const

/** Strokes in a fixed order of hands, instead of a sticking that is worked out. */
export const RUDIMENTS = [
  'none',
  'paradiddle',
  'double-paradiddle',
  'paradiddle-diddle',
  'inverted-paradiddle',
] as const
export type Rudiment = (typeof RUDIMENTS)[number]
/** A whole rudiment on every degree, or one note to each of its strokes. */
export const RUDIMENT_ON = ['degree', 'stroke'] as const

/** Notes rolled: not at all, each begun anew, or the hands going on while the notes change under them. */
export const ROLLS = ['none', 'separate', 'through'] as const
/** Strokes to the beat: the ladder that rolls climb. */
export const ROLL_STROKES = [2, 3, 4, 6, 8] as const
/** How a roll ends: tied to the next note's first stroke, or let go before it. */
export const ROLL_ENDINGS = ['tied', 'released'] as const

export interface Roll {
  readonly manner: (typeof ROLLS)[number]
  readonly strokes: (typeof ROLL_STROKES)[number]
  readonly ending: (typeof ROLL_ENDINGS)[number]
}
export const NO_ROLL: Roll = { manner: 'none', strokes: 4, ending: 'tied' }

/** Mallets from low to high, 1-2-3-4, or from high to low; who uses which is uncertain, so it is said. */
export const NUMBERINGS = ['low-to-high', 'high-to-low'] as const
export type Numbering = (typeof NUMBERINGS)[number]

/** Two mallets or four. With four, a chord is held over each degree, and struck mallet by mallet. */
export interface Mallets {
  readonly count: 2 | 4
  /** Mallets in the order of their strokes, `1234`; those struck at once in brackets, `(12)(34)`. */
  readonly figure: string
  /** Degrees over the root that the four mallets lie on, the lowest first; the first is 0. */
  readonly shape: readonly number[]
  readonly numbering: Numbering
  /** The widest that the two mallets of one hand hold, mm: about an octave low on a marimba, a tenth high. */
  readonly reach: number
}
export const TWO_MALLETS: Mallets = {
  count: 2,
  figure: '1234',
  shape: [0, 2, 4, 7],
  numbering: 'low-to-high',
  reach: 500,
}
export const REACH_RANGE = { least: 150, most: 700 } as const
export const MOST_STROKES = 16
export const HIGHEST_SHAPE = 16

/** Where on a bar one strikes: just off the middle, in the middle, or accidentals at their near end. */
export const STRIKES = ['off-centre', 'centre', 'near-end'] as const
export type Strike = (typeof STRIKES)[number]

/**
 * What differs from maker to maker: all bars by so many per cent, the gap between naturals, and how far the
 * accidentals overhang the naturals; mm. Null: as is usual for the instrument.
 */
export interface BarSettings {
  readonly size: number
  readonly gap: number | null
  readonly overlap: number | null
}
export const USUAL_BARS: BarSettings = { size: 100, gap: null, overlap: null }
export const BAR_RANGES = {
  size: { least: 80, most: 120 },
  gap: { least: 2, most: 20 },
  overlap: { least: 0, most: 40 },
} as const

/** What a teacher of mallets chooses. */
export interface StickingSettings {
  readonly school: StickingSchoolId
  /** The hand that strikes first. */
  readonly lead: Hand
  readonly tops: (typeof TOPS)[number]
  readonly rudiment: Rudiment
  readonly rudimentOn: (typeof RUDIMENT_ON)[number]
  readonly roll: Roll
  readonly mallets: Mallets
  readonly strike: Strike
  readonly bars: BarSettings
}

/** A stick fixed at one note; `index` counts the notes of the line from 0. */
interface StickNotePin {
  readonly index: number
  readonly stick: Stick
}
/** Sticks fixed over successive notes from `from` on. */
interface StickRunPin {
  readonly from: number
  readonly sticks: readonly Stick[]
}
/** A stick fixed on one degree in every octave; degrees count from 1. */
interface StickDegreePin {
  readonly degree: number
  readonly stick: Stick
  readonly leg?: 'up' | 'down'
}
export type StickPin = StickNotePin | StickRunPin | StickDegreePin

/** Mallets of a figure, stroke by stroke, as they are numbered there; undefined where it is none. */
export function strokesOf(figure: string): number[][] | undefined {
  if (!/^(?:[1-4]|\([1-4]{2,4}\))+$/.test(figure)) return undefined
  return (figure.match(/\(\d+\)|\d/g) ?? []).map((stroke) => [...stroke.replace(/\D/g, '')].map(Number))
}

/** A mallet in the other numbering; it is its own inverse. */
export const renumbered = (mallet: number): number => 5 - mallet

/** A mallet counted from the lowest, whatever the numbering. */
export const fromLowest = (mallet: number, numbering: Numbering): number =>
  numbering === 'low-to-high' ? mallet : renumbered(mallet)
