import type { Course } from '../study'
import { type ListParam, type Message, type NoteParam, messageMaker } from '../message'

/** What changes from one study to another; `player` tells whose line, `plays` what marks it has. */
export interface CompareMessages {
  'diff.note': { from: NoteParam; to: NoteParam; leg: 'up' | 'down' | 'both' }
  'diff.notes': { changes: ListParam }
  'diff.same-notes': null
  /** The same in another key. */
  'diff.moved': { by: number; way: 'up' | 'down' }
  'diff.degree': { degree: number; by: number; way: 'up' | 'down' }
  'diff.gained': { notes: ListParam }
  'diff.lost': { notes: ListParam }
  'diff.course': { from: Course; to: Course }
  'diff.no-mark': { player: string; plays: string }
  'diff.marks': {
    player: string
    plays: string
    count: number
    one: Message | 'none'
    /** Degrees on which they differ, where the keys are not the same. */
    degrees: ListParam | 'none'
    thumbs: Message | 'none'
    crossings: number
  }
  'diff.one': { from: string | number; to: string | number; note: NoteParam }
  'diff.thumbs': { after: ListParam | 'none'; before: ListParam | 'none' }
  'diff.places': { player: string; count: number }
  'diff.length': { player: string; more: number; fewer: number; both: 'yes' | 'no' }
  'diff.down': { player: string; plays: string; notes: ListParam; count: number }
  'diff.comes-in': { player: string }
  'diff.left-out': { player: string }
  'diff.harder': { from: number; to: number; how: 'same' | 'harder' | 'easier' }
}
export const compareMessage = messageMaker<CompareMessages>()
