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

/**
 * The note on which a hand's fourth finger lies, if it lies on one: what a scale is remembered by (common practice). At
 * an end of the line only where it goes on with it in the next octave.
 */
export function fourthAt({ fingers }: Pick<RealisedHand, 'fingers'>): number | null {
  const on = fingers.flatMap((finger, at) => (finger === 4 ? [at] : []))
  const inside = on.filter((at) => at > 0 && at < fingers.length - 1)
  if (inside.length === 1) return inside[0]!
  return inside.length === 0 && on.length === 2 ? on[0]! : null
}

/** Where it lies, said in a few words. */
export function fourthMessages(part: Pick<RealisedHand, 'notes' | 'fingers'>, hand: Hand): Message[] {
  const at = fourthAt(part)
  if (at === null) return []
  return [instrumentMessage('landmark.finger', { finger: 4, hand, note: named(noteName(part.notes[at]!.pitch)) })]
}

/** Notes that are named together, where there are any. */
export const notesAt = (code: 'landmark.doubles' | 'landmark.counterbass', notes: readonly Note[]): Message[] =>
  notes.length > 0 ? [instrumentMessage(code, { notes: notesOf(notes) })] : []
