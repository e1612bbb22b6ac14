import { staffPlace } from '../pitch'
import type { PerformedLine } from '../instrument'
import type { Finger, Stick } from '../study'

/** A hand's line, or that of two sticks, with what strikes each note and where something is crossed. */
export interface ComparedLine extends PerformedLine {
  readonly marks: readonly (Finger | Stick)[]
  readonly crossings: readonly number[]
}

/** A note of one study, as it is laid beside another's. */
export interface Aligned {
  /** Places in the two lines; null where only the other has such a note. */
  readonly a: number | null
  readonly b: number | null
}

/** Some notes of a hand: all, or those of one leg. */
export interface Side {
  readonly part: ComparedLine
  /** Notes by their places in the line, in the order in which they are laid beside the other side's. */
  readonly indices: readonly number[]
  /** Whether the legs are told apart. */
  readonly legs: boolean
}

/** Where each note stands: leg, letters from the first note, and which of several on that letter it is. */
function keysOf({ part, indices, legs }: Side): string[] {
  const first = staffPlace(part.notes[indices[0]!]!.pitch)
  const seen = new Map<string, number>()
  return indices.map((index) => {
    const { pitch, leg } = part.notes[index]!
    const key = `${legs ? leg : ''} ${staffPlace(pitch) - first}`
    const times = (seen.get(key) ?? 0) + 1
    seen.set(key, times)
    return `${key} ${times}`
  })
}

/** Lays two sides beside each other, letter for letter from where each begins, in the order of the first. */
export function aligned(a: Side, b: Side): Aligned[] {
  const [own, others] = [keysOf(a), keysOf(b)]
  const byKey = new Map(others.map((key, at) => [key, b.indices[at]!]))
  const known = new Set(own)
  return [
    ...own.map((key, at) => ({ a: a.indices[at]!, b: byKey.get(key) ?? null })),
    ...others.flatMap((key, at) => (known.has(key) ? [] : [{ a: null, b: b.indices[at]! }])),
  ]
}
