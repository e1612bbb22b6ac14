import type { Leg, Line } from '../study'

/** What a hand does at one step: its keys, lowest first, and where their notes stand in the line. */
export interface HandStep {
  readonly keys: readonly number[]
  readonly notes: readonly number[]
  readonly degree: number
  readonly leg: Leg
  /** The hand moves to a new position before it. */
  readonly fresh: boolean
  /** The first step, the last, a turn, or the edge of a position: the hand does not have to go on. */
  readonly end: boolean
  /** Steps to the nearest end, before or after. */
  readonly fromEnd: number
}

const turns = (before: number, here: number, after: number): boolean => (here - before) * (after - here) <= 0

/** A line cut into its steps. */
export function stepsOf(line: Line): HandStep[] {
  const groups: number[][] = []
  line.notes.forEach((note, at) => {
    const before = line.notes[at - 1]
    if (before && before.step === note.step) groups.at(-1)!.push(at)
    else groups.push([at])
  })
  const top = groups.map((group) => line.notes[group.at(-1)!]!.midi)
  const ends = groups.map((notes, at) => {
    const note = line.notes[notes[0]!]!
    const next = groups[at + 1] && line.notes[groups[at + 1]![0]!]!
    const edge = at === 0 || at === groups.length - 1
    return edge || note.fresh || next!.fresh || turns(top[at - 1]!, top[at]!, top[at + 1]!)
  })
  const fromEnd = distances(ends)
  return groups.map((notes, at) => {
    const { degree, leg, fresh } = line.notes[notes[0]!]!
    const keys = notes.map((each) => line.notes[each]!.midi)
    return { keys, notes, degree, leg, fresh, end: ends[at]!, fromEnd: fromEnd[at]! }
  })
}

/** How far each place is from the nearest that is marked. */
function distances(marked: readonly boolean[]): number[] {
  const found = marked.map((mark) => (mark ? 0 : Infinity))
  for (let at = 1; at < found.length; at++) found[at] = Math.min(found[at]!, found[at - 1]! + 1)
  for (let at = found.length - 2; at >= 0; at--) found[at] = Math.min(found[at]!, found[at + 1]! + 1)
  return found
}
