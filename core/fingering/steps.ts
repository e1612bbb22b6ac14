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
  return groups.map((notes, at) => {
    const note = line.notes[notes[0]!]!
    const next = groups[at + 1] && line.notes[groups[at + 1]![0]!]!
    const edge = at === 0 || at === groups.length - 1
    return {
      keys: notes.map((each) => line.notes[each]!.midi),
      notes,
      degree: note.degree,
      leg: note.leg,
      fresh: note.fresh,
      end: edge || note.fresh || next!.fresh || turns(top[at - 1]!, top[at]!, top[at + 1]!),
    }
  })
}
