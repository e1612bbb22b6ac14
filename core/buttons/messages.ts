import { type ListParam, type Message, type NoteParam, errorMaker, messageMaker } from '../message'
import type { BassRow } from '../surface'
import type { BassTerm } from './bassTouch'
import type { LeftSchoolId, ButtonSchoolId } from './settings'
import type { TrebleTerm } from './trebleTouch'

/** Everything that is said of buttons, right hand and left. */
export type ButtonMessages = {
  readonly [S in ButtonSchoolId as `school.${S}` | `school.${S}.idea`]: null
} & {
  readonly [S in LeftSchoolId as `left.${S}` | `left.${S}.idea`]: null
} & {
  readonly [T in TrebleTerm as `treble.charge.${T}`]: { note: NoteParam }
} & {
  readonly [T in BassTerm as `bass.charge.${T}`]: { note: NoteParam }
} & {
  'button.treble': { row: number }
  'button.bass': { row: BassRow; of: NoteParam }
  'pin.button': { button: Message; note: NoteParam; number: number }
  /** A button that a pin names, at its note. */
  'pinned.button': { button: Message; note: NoteParam }
  /** The shape of a line: rows, and the fingers that lie on them; `keys` share it. */
  'reason.shape': { from: number; to: number; fingers: string; keys: ListParam; every: 'yes' | 'no' }
  'reason.beside': { finger: number; note: NoteParam; row: number; why: 'before' | 'next' | 'octave' }
  'reason.thumb-passes': { to: NoteParam }
  'reason.little': { note: NoteParam }
  'other.rows': { row: number; price: Message }
  'other.finger': { where: 'first' | 'last' | 'turn'; finger: number; note: NoteParam; why: Message }
  /** Left hand. */
  'reason.strokes': {
    bass: NoteParam
    finger: number
    alternate: NoteParam
    other: number
    chord: number
    hops: 'yes' | 'no'
    school: LeftSchoolId
  }
  'reason.counterbass': { notes: ListParam }
  'reason.only-button': { note: NoteParam; button: Message }
  'reason.leap': { from: NoteParam; to: NoteParam; columns: number }
  'reason.off-finger': { finger: number; notes: ListParam; usual: number }
  'reason.off-fingers': { count: number }
  'reason.root-again': { note: NoteParam; bass: number }
  'reason.left-pin': { pins: ListParam }
  'other.school': { school: LeftSchoolId; price: Message }
  'other.button': { note: NoteParam; button: Message; price: Message }
  'other.left-finger': { note: NoteParam; finger: number; price: Message }
  /** What a board lacks: a bass note, or a chord by its row. */
  'lacks.bass': { note: NoteParam }
  'lacks.chord': { note: NoteParam; row: BassRow }
}

export interface ButtonErrors {
  'bass.lacks': { bass: number; lacks: ListParam; has: ListParam; count: number }
  'bass.rows': object
  'treble.school': { school: string; among: string; plays: 'keys' | 'buttons' }
  'left.none': null
  'free.lacks': { notes: number; note: NoteParam }
  'left.held': null
  'left.thumb': null
  'left.material': { part: string }
  'hands.accordion': { field: string }
  'bars.empty': null
}
export const buttonsMessage = messageMaker<ButtonMessages>()
export const buttonsError = errorMaker<ButtonErrors>()
