import type { Harder } from '../difficulty'
import { type ListParam, type Message, type NoteParam, messageMaker } from '../message'
import type { Course } from '../study'

/** What changes from one study to another; `player` tells whose line, `plays` what marks it has. */
export interface CompareMessages {
  'diff.note': { from: NoteParam; to: NoteParam; way: 'up' | 'down' | 'both' }
  'diff.notes': { changes: ListParam }
  /** `names`: whether they are called the same. */
  'diff.same-notes': { names: 'same' | 'other' }
  /** The same in another key. */
  'diff.moved': { by: number; way: 'up' | 'down' }
  'diff.degree': { degree: number; by: number; way: 'up' | 'down' }
  'diff.gained': { notes: ListParam }
  'diff.lost': { notes: ListParam }
  /** The lowest note of a chord, or where it begins. */
  'diff.begins': { from: NoteParam; to: NoteParam }
  'diff.instrument': { from: Message; to: Message }
  /** What a title says of both, of the second alone, of the first alone. */
  'diff.instead': { from: Message; to: Message }
  'diff.now': { what: Message }
  'diff.no-longer': { what: Message }
  'diff.course': { from: Course; to: Course }
  'diff.school': { from: Message; to: Message }
  'diff.touch': { from: Message; to: Message }
  /** Notes a minute. */
  'diff.tempo': { from: number; to: number; how: 'faster' | 'slower' }
  /** Every note, or degree, that both have is taken alike; `ends`: but for the outer notes. */
  'diff.same-marks': { player: string; plays: string; by: 'note' | 'degree'; ends: 'yes' | 'no' }
  'diff.marks': { player: string; plays: string; changes: ListParam; thumbs: Message | 'none' }
  'diff.taken': {
    note: NoteParam | number
    by: 'note' | 'degree'
    from: ListParam
    to: ListParam
    way: 'up' | 'down' | 'both'
  }
  /** Too many to be listed one by one. */
  'diff.marks-on': { player: string; plays: string; by: 'note' | 'degree'; notes: ListParam; thumbs: Message | 'none' }
  'diff.thumbs': { after: ListParam | 'none'; before: ListParam | 'none' }
  /** Another pattern, or another number of notes at once, is fingered by itself. */
  'diff.own-marks': { player: string; plays: string }
  /** Strokes that the other stick takes, or none. */
  'diff.strokes': { count: number }
  'diff.places': { player: string; count: number }
  'diff.length': { player: string; more: number; fewer: number }
  'diff.down': { player: string; plays: string; notes: ListParam; count: number }
  'diff.comes-in': { player: string }
  'diff.left-out': { player: string }
  'diff.harder': { from: number; to: number; by: Harder; how: 'harder' | 'easier' }
  'diff.not-ranked': null
}
export const compareMessage = messageMaker<CompareMessages>()
