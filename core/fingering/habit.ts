import type { Finger, Line } from '../study'
import { isBlack } from '../surface'
import { outward } from './cost'
import type { RingFingering } from './ring'

/** What the octave's pattern gives each note of a line, and which notes are outermost (free to leave it). */
export interface Habit {
  readonly fingers: readonly Finger[]
  readonly ends: readonly boolean[]
}

/** The first note, the last and the turns: where the hand does not have to go on. */
function endsOf(line: Line): boolean[] {
  const keys = line.notes.map((note) => note.midi)
  return keys.map((key, at) => {
    const before = keys[at - 1]
    const after = keys[at + 1]
    return before === undefined || after === undefined || (key - before) * (after - key) < 0
  })
}

/**
 * Spreads the octave's pattern over a line. With `two`, a course that begins or ends at the hand's inner side (right
 * hand's bottom, left hand's top) on a black key with 3 or 4 counts down to the first thumb instead: 4 1 becomes 2 1,
 * 3 4 1 becomes 2 3 1. Turns keep the pattern.
 */
export function habitOf(line: Line, ring: RingFingering, firstFinger: 'pattern' | 'two'): Habit {
  const fingers = line.notes.map((note) => ring[note.leg][note.degree]!)
  if (firstFinger === 'two') {
    countFromTwo(line, fingers, 0, 1)
    countFromTwo(line, fingers, line.notes.length - 1, -1)
  }
  return { fingers, ends: endsOf(line) }
}

function countFromTwo(line: Line, fingers: Finger[], end: number, step: 1 | -1): void {
  const [here, next] = [line.notes[end]!, line.notes[end + step]!]
  const inner = (next.midi - here.midi) * outward(line.hand) > 0
  if (inner && isBlack(here.midi) && fingers[end]! >= 3) countToThumb(fingers, end, step)
}

/** Rewrites the run from an end to its first thumb so that it begins on 2. */
function countToThumb(fingers: Finger[], end: number, step: number): void {
  let finger = 2
  for (let at = end; at >= 0 && at < fingers.length && fingers[at] !== 1; at += step) {
    fingers[at] = finger++ as Finger
  }
}
