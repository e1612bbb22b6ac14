import type { NamedMaterial, Signature } from '../material'
import type { Hand } from './hand'
import { MALLET_IDS, type MalletId, type StickingSettings, type StickPin } from './mallets'
import type { Pin } from './pin'
import type { Bookends, Pattern, RhythmShape } from './shape'

export const FORMAT = 'tactum-study/1'
export const INSTRUMENTS = ['piano', ...MALLET_IDS] as const
export const HANDS = ['together', 'right', 'left'] as const
export const MOTIONS = ['similar', 'contrary'] as const
export const INTERVALS = ['octave', 'third', 'sixth', 'tenth'] as const
export const CONTRARY_FROM = ['unison', 'octave'] as const
export const COURSES = ['up-down', 'up', 'down', 'down-up'] as const
export const SCHOOLS = [
  'conservatory',
  'black-key-pivot',
  'one-fingering-for-all',
  'black-groups',
  'two-hand-tetrachords',
  'free-and-smooth',
] as const
export const FIRST_FINGERS = ['usual', 'pattern', 'two'] as const
export const LEFT_ARPEGGIOS = ['by-distance', 'always-four'] as const
export const CHROMATICS = ['one-three', 'fours', 'fives'] as const
export const HAND_SIZES = ['small', 'average', 'large'] as const
export const ARTICULATIONS = ['legato', 'staccato'] as const
export const NOTES_PER_BEAT = [1, 2, 3, 4, 6, 8] as const
export const MOST_OCTAVES = 4
export const MOST_PITCHES = 400
export const TEMPO_RANGE = { least: 20, most: 240 } as const

export type Hands = (typeof HANDS)[number]
export type Motion = (typeof MOTIONS)[number]
export type HandsApart = (typeof INTERVALS)[number]
export type ContraryFrom = (typeof CONTRARY_FROM)[number]
export type Course = (typeof COURSES)[number]
export type SchoolId = (typeof SCHOOLS)[number]
export type FirstFinger = (typeof FIRST_FINGERS)[number]
export type LeftArpeggio = (typeof LEFT_ARPEGGIOS)[number]
export type Chromatic = (typeof CHROMATICS)[number]
export type HandSize = (typeof HAND_SIZES)[number]
export type Articulation = (typeof ARTICULATIONS)[number]

/** Pitches as a teacher lists them, `F##4`; notes struck together stand in a list of their own, lowest first. */
export interface FreePitches {
  readonly pitches: readonly (string | readonly string[])[]
}

/** Beats a minute and notes to the beat; notes a minute is their product. */
export interface Tempo {
  readonly bpm: number
  readonly notesPerBeat: (typeof NOTES_PER_BEAT)[number]
}

/** Where schools and tables differ, the teacher's choice; each default and its reason stand in docs/schools.md. */
export interface FingeringSettings {
  readonly school: SchoolId
  /** What a black first note takes where the pattern gives 3 or 4: that finger, or 2; usually 2 in arpeggios only. */
  readonly firstFinger: FirstFinger
  /** Left hand in broken triads: 3 or 4 by how far the keys lie, or always 4. */
  readonly leftArpeggio: LeftArpeggio
  /** Chromatic scale: 1 and 3 with 2 between neighbouring white keys, groups of four, or of five. */
  readonly chromatic: Chromatic
  /** How far the fingers reach. */
  readonly handSize: HandSize
}

/** What every instrument is asked. */
interface Common {
  readonly format: typeof FORMAT
  readonly material: NamedMaterial | FreePitches
  readonly hands: Hands
  readonly motion: Motion
  /** How far the hands lie apart in similar motion. */
  readonly interval: HandsApart
  /** Where hands in contrary motion begin: both thumbs on one key, or an octave apart. */
  readonly contraryFrom: ContraryFrom
  /** Which hand begins on the tonic where they lie a third, sixth or tenth apart. */
  readonly tonicHand: Hand
  readonly octaves: number
  readonly course: Course
  readonly pattern: Pattern
  readonly rhythm: RhythmShape
  readonly bookends: Bookends
  /** Scientific octave of the lowest tonic of the right hand (of the left hand when it plays alone), as written. */
  readonly startOctave: number
  readonly signature: Signature
  readonly articulation: Articulation
  readonly tempo: Tempo
}

/** A study for fingers on keys. */
export interface FingerRecipe extends Common, FingeringSettings {
  readonly instrument: 'piano'
  readonly pins: readonly Pin[]
}

/** A study for sticks on bars: both hands share one line, so hands, motion and interval have one value each. */
export interface MalletRecipe extends Common, StickingSettings {
  readonly instrument: MalletId
  readonly pins: readonly StickPin[]
}

/** What a teacher asks for, with nothing left open; `completeRecipe` fills the defaults. */
export type Recipe = FingerRecipe | MalletRecipe

export const isMallets = (recipe: Recipe): recipe is MalletRecipe => recipe.instrument !== 'piano'

/** Fields that hold fields of their own; each of them may be left out. */
type Nested = 'tempo' | 'pattern' | 'rhythm' | 'bookends' | 'roll' | 'mallets' | 'bars'
type Told = Omit<Common, 'material'> &
  Omit<FingeringSettings, 'school'> &
  Omit<StickingSettings, 'school'> & {
    readonly instrument: Recipe['instrument']
    readonly school: Recipe['school']
    readonly pins: readonly (Pin | StickPin)[]
  }

/** A recipe as it may be written: everything but the material has a default. */
export type RecipeInput = Partial<Omit<Told, Nested>> & {
  readonly [field in Nested]?: Partial<Told[field]>
} & { readonly material: { readonly tonic: string; readonly kind: string; readonly inversion?: number } | FreePitches }

/** Whether a material is a list of pitches. */
export const isFree = (material: RecipeInput['material']): material is FreePitches => 'pitches' in material

/** Notes a minute: what tempi are compared by, whatever the beat. */
export const notesPerMinute = (tempo: Tempo): number => tempo.bpm * tempo.notesPerBeat

/** The hands that a recipe uses, right first. */
export const handsOf = (hands: Hands): readonly Hand[] => (hands === 'together' ? ['right', 'left'] : [hands])
