import { capital, listed, type ListParam, named } from '../message'
import { noteName } from '../pitch'
import type { Finger, Line } from '../study'
import { isBlack } from '../surface'
import { type StruckFingers, sameFingers } from './chords'
import { fingeringMessage } from './messages'
import type { Reason } from './reason'
import { departures, fingersIn, keptShape, mainGroup, type Sequence, type Unit } from './sequence'
import type { Task } from './task'
import { priceMessage } from './words'

/** Names of the notes on which some units begin, each once. */
export const namesOf = (line: Line, notes: readonly number[]): ListParam =>
  listed([...new Set(notes.map((note) => noteName(line.notes[note]!.pitch)))].map(named))

const row = (sequence: Sequence, line: Line, { notes }: Unit): string => {
  const fingers = fingersIn(sequence, line)
  return notes.map((note) => fingers[note]!).join(' ')
}

function figureReason({ line, sequences }: Task): Reason {
  const [chosen, ...others] = sequences as readonly [Sequence, ...Sequence[]]
  const { units } = chosen
  const group = mainGroup(units)
  const own = units.flatMap((unit, at) =>
    unit.group === group && sameFingers(chosen.fingersByStep[at]!, chosen.mains.get(group)) ? [at] : [],
  )
  const first = units[own[0] ?? 0]!
  const leg = line.notes[first.notes[0]!]!.leg
  const back = own.map((at) => units[at]!).find(({ notes }) => line.notes[notes[0]!]!.leg !== leg)
  const other = others.find((each) => row(each, line, first) !== row(chosen, line, first))
  const price = other ? other.cost - chosen.cost : null
  const message = fingeringMessage('reason.repeats', {
    there: row(chosen, line, first),
    back: back ? row(chosen, line, back) : '',
    returns: back ? 'yes' : 'no',
    rival: other
      ? fingeringMessage('rival.shape', { row: row(other, line, first), weighs: capital(priceMessage(price!)) })
      : fingeringMessage('rival.none'),
  })
  return { hand: line.hand, kind: 'shape', indices: own.map((at) => units[at]!.notes[0]!), message, price }
}

/** Repeats that take another shape, most of them so that no thumb falls on a black key. */
function departureReasons({ line, sequences, pins }: Task): Reason[] {
  const chosen = sequences[0]!
  const pinned = new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))
  const byFingers = new Map<string, number[]>()
  for (const at of departures(chosen)) {
    if (chosen.units[at]!.notes.some((note) => pinned.has(note))) continue
    const key = `${chosen.units[at]!.group} ${chosen.fingersByStep[at]!.join('')}`
    byFingers.set(key, [...(byFingers.get(key) ?? []), at])
  }
  return [...byFingers.values()].map((places): Reason => {
    const first = chosen.units[places[0]!]!
    const thumbs = places.map((at) => underThumb(line, chosen.units[at]!, keptShape(chosen, at)))
    const black = thumbs.every((note) => isBlack(line.notes[note]!.midi))
    const where = black ? thumbs : places.map((at) => chosen.units[at]!.notes[0]!)
    const message = fingeringMessage('reason.other-shape', {
      fingers: row(chosen, line, first),
      notes: namesOf(line, where),
      count: new Set(where.map((note) => noteName(line.notes[note]!.pitch))).size,
      why: black ? 'black' : 'reach',
    })
    return {
      hand: line.hand,
      kind: 'shape',
      indices: places.map((at) => chosen.units[at]!.notes[0]!),
      message,
      price: null,
    }
  })
}

/** The note that a shape gives to its innermost finger. */
function underThumb(line: Line, { notes, keys }: Unit, main: StruckFingers): number {
  const inner = keys[main.indexOf(Math.min(...main) as StruckFingers[number])]!
  return notes.find((note) => line.notes[note]!.midi === inner)!
}

/** Notes that go on to the next finger instead of taking the shape's own. */
function onwardReasons({ line, sequences: [chosen] }: Task): Reason[] {
  const onward = chosen!.onward ?? new Map<number, Finger>()
  if (onward.size === 0) return []
  const indices = [...onward.keys()]
  const first = indices[0]!
  const fingers = fingersIn(chosen!, line)
  const own = chosen!.units.find(({ notes }) => notes[0] === first)!
  const message = fingeringMessage('reason.onward', {
    before: fingers[first - 1]!,
    finger: onward.get(first)!,
    row: row(chosen!, line, own),
  })
  return [{ hand: line.hand, kind: 'shape', indices, message, price: null }]
}

/** Chords keep their fingers whenever they come. */
function chordReason({ line, sequences }: Task): Reason[] {
  const chosen = sequences[0]!
  const again = chosen.units.filter(({ group }, at) => chosen.units.findIndex((unit) => unit.group === group) < at)
  if (again.length === 0) return []
  const indices = again.map(({ notes }) => notes[0]!)
  return [{ hand: line.hand, kind: 'shape', indices, message: fingeringMessage('reason.chords'), price: null }]
}

/** Why the repeats of a figure, or the chords of a cadence, have the fingers that they have. */
export function shapeReasons(task: Task): Reason[] {
  const [chosen] = task.sequences
  if (!chosen) return []
  return chosen.units[0]!.lies === 'struck'
    ? chordReason(task)
    : [figureReason(task), ...onwardReasons(task), ...departureReasons(task)]
}
