import { stickingMessage } from './messages'
import { noteParam } from '../fingering'
import { type Message, type NoteParam, listed, named } from '../message'
import { noteName } from '../pitch'
import type { Stick, Hand } from '../study'
import { countOf, doubleSteps, inversionsOf, type StickCount } from './findings'
import { type Damped, dampedBy, isWanted } from './damping'
import { severityOf } from './pairs'
import { otherStick } from './schools'
import { isInverted, type StickTask, type Strokes, strokesFrom } from './task'

/** Why sticks fall as they do. `indices` are the notes it speaks of, first occurrence first. */
export interface StickReason {
  readonly kind:
    | 'double'
    | 'crossing'
    | 'damping'
    | 'dead'
    | 'lead'
    | 'octaves'
    | 'tops'
    | 'pin'
    | 'rudiment'
    | 'figure'
    | 'roll'
    | 'turns'
    | 'together'
  readonly indices: readonly number[]
  readonly message: Message
  /** What the next best would cost more, in points of effort; null where nothing competes. */
  readonly price: number | null
}

/** Names in one sentence at the most. */
const MAX_NAMES = 4

const handOf = (stick: Stick): Hand => (stick === 'R' ? 'right' : 'left')

const noteAt = ({ line, steps }: StickTask, at: number): NoteParam => noteParam(line.notes[steps[at]!.notes[0]!]!.pitch)

/** The first wide step, from a double to the next one, that would be crossed if the double were not there. */
function sparedBy(task: StickTask, strokes: readonly Strokes[], at: number, next: number): number | null {
  for (let from = at; from < Math.min(next, strokes.length - 1); from++) {
    const pair = task.pairs[from]
    const [a, b] = [strokes[from]!, strokes[from + 1]!]
    if (!pair || a === 'LR' || b === 'LR' || a === b || severityOf(pair) !== 'hard') continue
    if (!isInverted(pair, a, b) && pair.rising !== null) return from + 1
  }
  return null
}

/** Why one stick strikes twice: “so that C falls to the right”. */
function whyDouble(task: StickTask, strokes: readonly Strokes[], at: number): Message {
  const stick = strokes[at] as Stick
  const next = doubleSteps(strokes).find((each) => each > at) ?? strokes.length
  if ([at - 1, at].some((step) => task.fixed.has(task.steps[step]!.notes[0]!))) return stickingMessage('double.pinned')
  const restored = task.school.restores ? task.steps.findIndex((step, each) => each >= at && step.tonic) : -1
  if (restored >= 0 && restored <= next) {
    return stickingMessage('double.restores', { note: noteAt(task, restored), hand: handOf(task.lead) })
  }
  if (task.clashes[at - 1] && task.recipe.ring.damping === 'other-mallet') {
    return stickingMessage('double.frees', { note: noteAt(task, at - 1), hand: handOf(otherStick(stick)) })
  }
  const pair = task.pairs[at - 1]!
  if (severityOf(pair) === 'hard' && isInverted(pair, stick, otherStick(stick))) {
    return stickingMessage('double.uncrosses', { from: noteAt(task, at - 1), to: noteAt(task, at) })
  }
  const spared = sparedBy(task, strokes, at, next)
  if (spared === null) return stickingMessage('double.cheaper')
  return stickingMessage('double.falls', { note: noteAt(task, spared), hand: handOf(strokes[spared] as Stick) })
}

/** “double G A in the left hand”: where it is, and why if that is wanted. */
const placeOf = (task: StickTask, strokes: readonly Strokes[], at: number) => ({
  ...{ first: noteAt(task, at - 1), second: noteAt(task, at), hand: handOf(strokes[at] as Stick) },
})
export const doubleMessage = (task: StickTask, strokes: readonly Strokes[], at: number): Message =>
  stickingMessage('double', { ...placeOf(task, strokes, at), why: whyDouble(task, strokes, at) })
export const doublePlaced = (task: StickTask, strokes: readonly Strokes[], at: number): Message =>
  stickingMessage('double', { ...placeOf(task, strokes, at), why: 'none' })

function crossingReasons(task: StickTask, strokes: readonly Strokes[]): StickReason[] {
  const { steps } = task
  return inversionsOf(task, strokes)
    .filter(({ severity }) => severity === 'hard')
    .map(({ index }) => {
      const at = steps.findIndex(({ notes }) => notes.includes(index))
      const [from, to] = [noteAt(task, at - 1), noteAt(task, at)]
      const upper = task.pairs[at - 1]!.rising ? to : from
      const message = stickingMessage('reason.sticks-cross', { from, to, upper })
      return { kind: 'crossing', indices: [index], message, price: null }
    })
}

/** “no hard crossing and two doubles”. */
export function countMessage({ hard, doubles, rowDoubles }: StickCount): Message {
  const all = rowDoubles === doubles ? (doubles === 1 ? 'one' : 'all') : 'some'
  return stickingMessage('stick.count', { hard, doubles, rowDoubles, across: rowDoubles > 0 ? all : 'none' })
}

/** How the same line would go if the other hand led. */
export interface OtherLead {
  readonly count: StickCount
  readonly sticks: readonly Stick[]
}

function leadReason(task: StickTask, own: StickCount, other: OtherLead | null): StickReason[] {
  if (!other) return []
  const message = stickingMessage('reason.lead', {
    ...{ lead: handOf(task.lead), own: countMessage(own), other: countMessage(other.count) },
  })
  return [{ kind: 'lead', indices: [0], message, price: null }]
}

/** Strict alternation over an odd number of steps to the octave begins every octave with the other hand. */
function octaveReason(task: StickTask, strokes: readonly Strokes[]): StickReason[] {
  if (task.school.doubles) return []
  const swapped = task.steps.flatMap((step, at) =>
    step.tonic && at < strokes.length - 1 && strokes[at] !== task.lead ? [step.notes[0]!] : [],
  )
  if (swapped.length === 0) return []
  const message = stickingMessage('reason.octaves', { hand: handOf(otherStick(task.lead)) })
  return [{ kind: 'octaves', indices: swapped, message, price: null }]
}

function topReason({ recipe, steps, line }: StickTask, strokes: readonly Strokes[]): StickReason[] {
  const twice = steps.flatMap((step, at) => {
    const next = steps[at + 1]
    return next && next.midi === step.midi && line.notes[next.notes[0]!]!.leg !== line.notes[step.notes[0]!]!.leg
      ? [at]
      : []
  })
  if (recipe.tops === 'once' || twice.length === 0) return []
  const swaps = twice.some((at) => strokes[at] !== strokes[at + 1])
  const message = stickingMessage('reason.tops', { swaps: swaps ? 'yes' : 'no' })
  return [{ kind: 'tops', indices: twice.map((at) => steps[at + 1]!.notes[0]!), message, price: null }]
}

function pinReason({ pins, line }: StickTask, price: number): StickReason[] {
  if (pins.length === 0) return []
  const indices = [...new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))].sort((a, b) => a - b)
  const names = [...new Set(indices.map((index) => noteName(line.notes[index]!.pitch)))]
  const message = stickingMessage('reason.stick-pin', {
    notes: listed(names.length > MAX_NAMES ? [] : names.map(named), 'comma'),
    count: indices.length,
    costs: price > 0 ? 'yes' : 'no',
  })
  return [{ kind: 'pin', indices, message, price: price > 0 ? price : null }]
}

/** How bars are stopped, and where a mallet has to come for one. */
function dampingReasons(task: StickTask, strokes: readonly Strokes[]): StickReason[] {
  const damped = dampedBy(task, strokes)
  if (damped.length === 0) return []
  const { notes } = task.line
  // a mallet that follows as it should is told of with its double
  const followed = damped.filter(({ follows }) => follows && !isWanted(task, follows))
  const back = damped.filter(({ follows }) => !follows)
  const followMessage = ({ index, of, stick }: Damped) =>
    stickingMessage('reason.damp-follows', {
      ...{ note: noteParam(notes[of]!.pitch), next: noteParam(notes[index]!.pitch) },
      hand: stick === 'R' ? 'right' : 'left',
    })
  return [
    ...(back.length > 0
      ? [
          {
            ...{ kind: 'damping' as const, indices: back.map(({ index }) => index), price: null },
            message: stickingMessage('reason.damp-back', { pedal: task.recipe.ring.pedal }),
          },
        ]
      : []),
    ...followed.map((each) => ({
      ...{ kind: 'damping' as const, indices: [each.index], price: null },
      message: followMessage(each),
    })),
  ]
}

/** Everything there is to say of a sticking that was worked out, note by note. */
export function stickReasons(
  task: StickTask,
  sticks: readonly Stick[],
  {
    pinPrice,
    other,
    doublePrice,
  }: { pinPrice: number; other: OtherLead | null; doublePrice: (at: number) => number | null },
): StickReason[] {
  const strokes = strokesFrom(task.steps, sticks)
  const doubles = doubleSteps(strokes).map((at): StickReason => ({
    kind: 'double',
    indices: [task.steps[at]!.notes[0]!],
    message: stickingMessage('reason.double', { ...placeOf(task, strokes, at), why: whyDouble(task, strokes, at) }),
    price: doublePrice(at),
  }))
  const both = task.steps.every((step) => step.double)
  const together: StickReason = {
    kind: 'together',
    indices: [0],
    message: stickingMessage('reason.together'),
    price: null,
  }
  return [
    ...(both ? [together] : []),
    ...doubles,
    ...crossingReasons(task, strokes),
    ...dampingReasons(task, strokes),
    ...octaveReason(task, strokes),
    ...topReason(task, strokes),
    ...pinReason(task, pinPrice),
    ...leadReason(task, countOf(task, sticks), other),
  ]
}
