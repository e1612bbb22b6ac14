import type { CommonRecipe, Hand } from '../study'
import type { BarSettings, MalletId, Strike } from '../surface'
import type { StickPin } from './pin'

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
export const MAX_STROKES = 16
export const HIGHEST_SHAPE = 16

/** When a sustaining pedal changes: with every note, at every beat or bar, or not at all. */
export const PEDALS = ['note', 'beat', 'bar', 'down'] as const
export type Pedal = (typeof PEDALS)[number]
/**
 * How, under a pedal that stays down, a bar is stopped whose sound would mix with its neighbour's: not at all; by the
 * mallet that struck it, as the other strikes on; or by the other mallet, which follows.
 */
export const DAMPINGS = ['none', 'next-stroke', 'other-mallet'] as const
export type Damping = (typeof DAMPINGS)[number]
/** Strokes that stay on the bar, so that it stops at once. */
export const DEAD_STROKES = ['none', 'beats', 'all'] as const

/** How long what is struck rings. */
export interface Ring {
  readonly pedal: Pedal
  readonly damping: Damping
  readonly dead: (typeof DEAD_STROKES)[number]
}
export const PLAIN_RING: Ring = { pedal: 'note', damping: 'none', dead: 'none' }

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
  readonly ring: Ring
  readonly strike: Strike
  readonly bars: BarSettings
}

/** The same as it may be written: a school's name may still be anybody's, and parts may be given in part. */
export type StickingInput = Partial<Omit<StickingSettings, 'school' | 'roll' | 'mallets' | 'ring' | 'bars'>> & {
  readonly school?: string
  readonly roll?: Partial<Roll>
  readonly mallets?: Partial<Mallets>
  readonly ring?: Partial<Ring>
  readonly bars?: Partial<BarSettings>
}

/** A study for sticks on bars: both hands share one line, so hands, motion and interval have one value each. */
export interface MalletRecipe extends CommonRecipe, StickingSettings {
  readonly instrument: MalletId
  readonly school: StickingSchoolId
  readonly pins: readonly StickPin[]
}

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
