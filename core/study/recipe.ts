import type { NamedMaterial, Signature } from '../material'
import type { Articulation, HandTouch } from './articulation'
import type { Hand } from './hand'
import type { Course } from './line'
import type { Tempo } from './pace'
import type { PlacedMark } from './pin'
import type { Bookends, Pattern, RhythmShape } from './shape'

export const FORMAT = 'tactum-study/1'
export const HANDS = ['together', 'right', 'left'] as const
export const MOTIONS = ['similar', 'contrary'] as const
export const INTERVALS = ['octave', 'third', 'sixth', 'tenth'] as const
export const CONTRARY_FROM = ['unison', 'octave', 'third', 'sixth', 'tenth'] as const
export const MAX_OCTAVES = 4
export const MAX_PITCHES = 400

export type Hands = (typeof HANDS)[number]
export type Motion = (typeof MOTIONS)[number]
export type HandsApart = (typeof INTERVALS)[number]
export type ContraryFrom = (typeof CONTRARY_FROM)[number]

/** Pitches as a teacher lists them, `F##4`; notes struck together stand in a list of their own, lowest first. */
export interface FreePitches {
  readonly pitches: readonly (string | readonly string[])[]
  /** What the left hand has instead, and what stands beneath each; a cadence has them, no teacher lists them. */
  readonly left?: readonly (readonly string[])[]
  readonly labels?: readonly string[]
}

/** Whether a staff changes its clef where notes read better in another, or keeps its own. */
export const CLEFS = ['changing', 'own'] as const
export type Clefs = (typeof CLEFS)[number]

/** What every instrument is asked, with nothing left open. */
export interface CommonRecipe {
  /** An instrument of the register. */
  readonly instrument: string
  /** A school of its family. */
  readonly school: string
  readonly format: typeof FORMAT
  readonly material: NamedMaterial | FreePitches
  readonly hands: Hands
  readonly motion: Motion
  /** How far the hands lie apart in similar motion. */
  readonly interval: HandsApart
  /** Where hands in contrary motion begin: both thumbs on one key, or so far apart. */
  readonly contraryFrom: ContraryFrom
  /** Which hand begins on the tonic where they lie, or begin, a third, sixth or tenth apart. */
  readonly tonicHand: Hand
  readonly octaves: number
  readonly course: Course
  readonly pattern: Pattern
  readonly rhythm: RhythmShape
  readonly bookends: Bookends
  /** Scientific octave of the lowest tonic of the right hand (of the left hand when it plays alone), as written. */
  readonly startOctave: number
  readonly signature: Signature
  readonly clefs: Clefs
  /** How notes are joined; the right hand's where each has its own. */
  readonly articulation: Articulation
  /** Null where the hands have one touch. */
  readonly touch: HandTouch | null
  readonly tempo: Tempo
  /** Fingers, sticks … that the teacher fixes. */
  readonly pins: readonly PlacedMark[]
}

/** Fields that hold fields of their own; each of them may be left out. */
type Nested = 'tempo' | 'pattern' | 'rhythm' | 'bookends'
/** A material as it may be written. */
export type MaterialInput = { readonly tonic: string; readonly kind: string; readonly inversion?: number } | FreePitches

/** What every instrument is asked, as it may be written: everything but the material has a default. */
export type CommonInput = Partial<Omit<CommonRecipe, Nested | 'material' | 'touch'>> & {
  readonly [field in Nested]?: Partial<CommonRecipe[field]>
} & { readonly material: MaterialInput; readonly touch?: Partial<HandTouch> | null }

/** Whether a material is a list of pitches. */
export const isFree = (material: MaterialInput): material is FreePitches => 'pitches' in material

/** The hands that a recipe uses, right first. */
export const handsOf = (hands: Hands): readonly Hand[] => (hands === 'together' ? ['right', 'left'] : [hands])
