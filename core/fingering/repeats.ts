import type { Finger, Hand, LineNote } from '../study'
import type { GripPin } from './pin'
import { repeatsOf } from './sequence'

/**
 * The fingers of the repeat to which a note belongs, offered to every repeat of as many keys: each key takes the finger
 * of the key in its place. Nothing where the line has no repeats.
 */
export function repeatedPins(
  hand: Hand,
  notes: readonly LineNote[],
  fingers: readonly Finger[],
  index: number,
): GripPin[] {
  if (notes.some(({ repeat }) => repeat === undefined)) return []
  const units = repeatsOf({ hand, notes })
  const own = units.find((unit) => unit.notes.includes(index))
  if (!own) return []
  const shape = own.keys.map((key) => fingers[own.notes.findLast((note) => notes[note]!.midi === key)!]!)
  return units
    .filter(({ keys }) => keys.length === own.keys.length)
    .map(({ notes: places, keys }) => ({
      hand,
      from: places[0]!,
      fingers: places.map((note) => shape[keys.indexOf(notes[note]!.midi)]!),
    }))
}
