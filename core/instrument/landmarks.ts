import type { Message } from '../message'
import { listed, named } from '../message'
import { noteName, type Note } from '../pitch'
import type { Hand } from '../study'
import type { RealisedHand } from './hands'
import { instrumentMessage } from './messages'

/** Notes named in one list. */
const notesOf = (notes: readonly Note[]) =>
  listed(
    notes.map((note) => named(noteName(note))),
    'comma',
  )

/** Where a hand's fourth finger lies inside a line, if it lies there once: what a scale is remembered by (common practice). */
export function fourthOf({ notes, fingers }: Pick<RealisedHand, 'notes' | 'fingers'>, hand: Hand): Message[] {
  const inside = notes.filter((_, at) => at > 0 && at < notes.length - 1 && fingers[at] === 4)
  return inside.length === 1
    ? [instrumentMessage('landmark.finger', { finger: 4, hand, note: named(noteName(inside[0]!.pitch)) })]
    : []
}

/** Notes that are named together, where there are any. */
export const notesAt = (code: 'landmark.doubles' | 'landmark.counterbass', notes: readonly Note[]): Message[] =>
  notes.length > 0 ? [instrumentMessage(code, { notes: notesOf(notes) })] : []
