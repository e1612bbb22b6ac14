import type { Message } from '../message'
import type { Stick } from '../study'
import type { Damped } from './damping'
import type { Inversion, StickCount } from './findings'
import type { Span } from './fourMallets'
import type { RowMove } from './moves'
import type { StickReason } from './reasons'
import type { RollPlan } from './rolls'
import type { StickedKeys } from './task'

/** Another sticking of the whole line that would serve. */
export interface StickAlternative {
  readonly sticks: readonly Stick[]
  /** Points of effort, and how many more than the chosen sticking. */
  readonly cost: number
  readonly price: number
  /** Sticks around the first note on which it departs. */
  readonly pattern: Message
  readonly message: Message
  readonly departs: number
}

/** A line with its sticks. */
export interface Sticking {
  /** The hand that strikes each note; of a rolled note, the one that begins. */
  readonly sticks: readonly Stick[]
  /** Where one hand strikes twice; the second of the two notes. Nothing where each leg is all one hand's. */
  readonly doubles: readonly { readonly index: number; readonly reason: Message }[]
  readonly inversions: readonly Inversion[]
  readonly rowMoves: readonly RowMove[]
  /** Lower notes of double stops on both rows. */
  readonly mixedRows: readonly number[]
  /** With four mallets: which one strikes each note, in the recipe's numbering, and how wide each hand is held. */
  readonly mallets?: readonly number[]
  readonly spans?: readonly Span[]
  readonly roll?: RollPlan
  /** Bars that are stopped with a mallet while the pedal is down. */
  readonly damped: readonly Damped[]
  /** Notes whose stroke stays on the bar. */
  readonly dead: readonly number[]
  readonly pinned: readonly { readonly index: number; readonly pin: number }[]
  /** Points of effort, whatever the school. */
  readonly cost: number
  readonly count: StickCount
  readonly reasons: readonly StickReason[]
  readonly alternatives: readonly StickAlternative[]
}

/** What is asked of a line besides its recipe. */
export interface StickingOptions extends StickedKeys {
  /** How long each note lasts, in beats. */
  readonly beats: readonly number[]
  /** Sticks that stand and are only explained. */
  readonly accepted?: readonly Stick[] | undefined
  readonly alternatives?: number | undefined
}

/** All but what follows from the notes alone. */
export type Struck = Omit<Sticking, 'rowMoves' | 'mixedRows' | 'damped' | 'dead'> & Partial<Pick<Sticking, 'damped'>>
