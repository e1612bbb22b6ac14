import type { Leg, Line } from '../study'

/** What a hand does at one step: its keys, lowest first, and where their notes stand in the line. */
export interface HandStep {
  readonly keys: readonly number[]
  readonly notes: readonly number[]
  readonly degree: number
  readonly leg: Leg
  /** The hand moves to a new position before it. */
  readonly fresh: boolean
  /** It moves as a whole, without being lifted: the next repeat of a figure. */
  readonly moved: boolean
  /** The first step, the last, a turn, or the edge of a position: the hand does not have to go on. */
  readonly end: boolean
  /** Another key begins: the hand goes on from the one before. */
  readonly joint: boolean
  /** Near enough to a joint to bend for it. */
  readonly bends: boolean
  /** It leads to the key after. */
  readonly link: boolean
  /** Steps to the nearest end or joint, before or after. */
  readonly fromEnd: number
}

const NONE: ReadonlySet<number> = new Set()

/** Notes on either side of a joint that may bend for it. */
export const BENDS = 5

const turns = (before: number, here: number, after: number): boolean => (here - before) * (after - here) <= 0

/**
 * A line cut into its steps.
 * @param moved notes to which the hand moves as a whole
 * @param joints notes on which another key begins
 * @param growing the line comes back from farther on each time: it ends at its outermost notes only
 */
export function stepsOf(
  line: Line,
  moved: ReadonlySet<number> = NONE,
  joints: ReadonlySet<number> = NONE,
  growing = false,
): HandStep[] {
  const groups: number[][] = []
  line.notes.forEach((note, at) => {
    const before = line.notes[at - 1]
    if (before && before.step === note.step) groups.at(-1)!.push(at)
    else groups.push([at])
  })
  const top = groups.map((group) => line.notes[group.at(-1)!]!.midi)
  const outer = new Set([Math.min(...top), Math.max(...top)])
  const ends = groups.map((notes, at) => {
    const note = line.notes[notes[0]!]!
    const next = groups[at + 1] && line.notes[groups[at + 1]![0]!]!
    const edge = at === 0 || at === groups.length - 1
    if (edge || note.fresh || moved.has(notes[0]!)) return true
    if (next!.fresh || moved.has(groups[at + 1]![0]!)) return true
    return turns(top[at - 1]!, top[at]!, top[at + 1]!) && (!growing || outer.has(top[at]!))
  })
  const joined = groups.map((notes) => joints.has(notes[0]!))
  const fromJoint = distances(joined.map((joint, at) => joint || (joined[at + 1] ?? false)))
  const fromEnd = distances(ends.map((end, at) => end || joined[at]! || (joined[at + 1] ?? false)))
  return groups.map((notes, at) => {
    const { degree, leg, fresh: lifted, link = false } = line.notes[notes[0]!]!
    const carried = at > 0 && !lifted && moved.has(notes[0]!)
    const keys = notes.map((each) => line.notes[each]!.midi)
    return {
      ...{ keys, notes, degree, leg, link, fresh: lifted || carried, moved: carried },
      ...{ end: ends[at]!, joint: joined[at]!, bends: fromJoint[at]! < BENDS, fromEnd: fromEnd[at]! },
    }
  })
}

/** How far each place is from the nearest that is marked. */
function distances(marked: readonly boolean[]): number[] {
  const found = marked.map((mark) => (mark ? 0 : Infinity))
  for (let at = 1; at < found.length; at++) found[at] = Math.min(found[at]!, found[at - 1]! + 1)
  for (let at = found.length - 2; at >= 0; at--) found[at] = Math.min(found[at]!, found[at + 1]! + 1)
  return found
}
