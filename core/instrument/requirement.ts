import type { BellowsSettings, LeftBoard, LeftPart, Register } from '../buttons'
import type { Message } from '../message'
import type { Bookends, CommonRecipe, ContraryFrom, Hand, HandsApart, Motion, Tempo } from '../study'
import type { Rudiment } from '../sticking'
import type { BassRow } from '../surface'

/** How sticks go, and on what: only what the list names. */
export interface RequiredSticks {
  readonly rudiment?: Exclude<Rudiment, 'none'>
  /** Whether they alternate strictly, hand to hand. */
  readonly alternating?: true
  /** Of four mallets: the order of their strokes, `1234`. */
  readonly figure?: string
  /** The instrument: `vibraphone`, whatever its size. */
  readonly make?: string
}

/** What a list asks of whoever plays; each family reads what concerns it. */
export interface PlayerRequirement {
  readonly hands: 'together' | Hand
  readonly motion: Motion
  readonly contraryFrom: ContraryFrom | null
  readonly interval: HandsApart
  /** Null: whichever hand has the tonic. */
  readonly tonicHand: Hand | null
  readonly resolution: Bookends['after']
  readonly tempo: Tempo
  /** Null: once or twice, as the candidate likes. */
  readonly top: 'once' | 'twice' | null
  readonly lead: Hand | null
  readonly rolled: boolean
  readonly mallets: 2 | 4
  /** What sticks are asked beyond that; null where the list says nothing. */
  readonly sticks: RequiredSticks | null
  /** What an accordion's left hand does under the scale, or by itself; null where the list does not say. */
  readonly bass: Exclude<LeftPart, 'none'> | null
  /** Where its bellows turn; null where the list does not say. */
  readonly bellows: Exclude<BellowsSettings['turn'], 'free'> | null
  /** Beats to a way, where they turn by beats. */
  readonly bellowsBeats: number | null
  /** Rows of the bass board that are wanted; none named, any board serves. */
  readonly bassRows: readonly BassRow[]
  /** Keys or buttons; null where the list is for both. */
  readonly treble: 'keys' | 'buttons' | null
  /** The board of basses and chords, or a free bass; null where either serves. */
  readonly board: LeftBoard | null
  /** Registers that are to sound; none named, any. */
  readonly registers: readonly Register[]
}

/** Fields in which a study can fall short of a requirement. */
export type ShortField =
  | 'kind'
  | 'inversion'
  | 'hands'
  | 'motion'
  | 'contraryFrom'
  | 'interval'
  | 'tonicHand'
  | 'octaves'
  | 'course'
  | 'top'
  | 'pattern'
  | 'resolution'
  | 'articulation'
  | 'tempo'
  | 'lead'
  | 'roll'
  | 'mallets'
  | 'sticking'
  | 'instrument'
  | 'bass'
  | 'bellows'
  | 'bassRows'
  | 'treble'
  | 'board'
  | 'registers'

/** Notes that a field is short, why, and how much it takes to mend. */
export type Miss = (field: ShortField, message: () => Message, effort: number) => void

/** What a study is counted as: itself, or one of its hands. */
export type StandsFor = CommonRecipe['hands'] | null
