import { printedName } from '../pitch'
import type { Stick } from '../study'
import { countOf, doubleSteps, inversionsOf, type StickCount } from './findings'
import { severityOf } from './pairs'
import { otherStick } from './schools'
import { isInverted, type StickTask, type Strokes, strokesFrom } from './task'

/** Why sticks fall as they do. `indices` are the notes it speaks of, first occurrence first. */
export interface StickReason {
  readonly kind:
    'double' | 'crossing' | 'lead' | 'octaves' | 'tops' | 'pin' | 'rudiment' | 'figure' | 'roll' | 'together'
  readonly indices: readonly number[]
  readonly text: string
  /** What the next best would cost more, in points of effort; null where nothing competes. */
  readonly price: number | null
}

const handWord = (stick: Stick): string => (stick === 'R' ? 'right' : 'left')

const nameAt = ({ line, steps }: StickTask, at: number): string => printedName(line.notes[steps[at]!.notes[0]!]!.pitch)

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

/** “double G A in the left hand, so that C falls to the right”. */
export function doubleReason(task: StickTask, strokes: readonly Strokes[], at: number): string {
  const stick = strokes[at] as Stick
  const doubles = doubleSteps(strokes)
  const next = doubles.find((each) => each > at) ?? strokes.length
  const head = `double ${nameAt(task, at - 1)} ${nameAt(task, at)} in the ${handWord(stick)} hand`
  if ([at - 1, at].some((step) => task.fixed.has(task.steps[step]!.notes[0]!))) return `${head}, as pinned`
  const restored = task.school.restores ? task.steps.findIndex((step, each) => each >= at && step.tonic) : -1
  if (restored >= 0 && restored <= next) {
    return `${head}, so that ${nameAt(task, restored)} falls to the ${handWord(task.lead)} again`
  }
  const pair = task.pairs[at - 1]!
  if (severityOf(pair) === 'hard' && isInverted(pair, stick, otherStick(stick))) {
    return `${head}, so that the sticks do not cross from ${nameAt(task, at - 1)} to ${nameAt(task, at)}`
  }
  const spared = sparedBy(task, strokes, at, next)
  if (spared === null) return `${head}, which costs less than any other way here`
  return `${head}, so that ${nameAt(task, spared)} falls to the ${handWord(strokes[spared] as Stick)}`
}

const capital = (words: string): string => words[0]!.toUpperCase() + words.slice(1)

function crossingReasons(task: StickTask, strokes: readonly Strokes[]): StickReason[] {
  const { steps } = task
  return inversionsOf(task, strokes)
    .filter(({ severity }) => severity === 'hard')
    .map(({ index }) => {
      const at = steps.findIndex(({ notes }) => notes.includes(index))
      const [from, to] = [nameAt(task, at - 1), nameAt(task, at)]
      const upper = task.pairs[at - 1]!.rising ? to : from
      const text = `The sticks cross from ${from} to ${to}: the left strikes ${upper}, the upper of the two.`
      return { kind: 'crossing', indices: [index], text, price: null }
    })
}

const plural = (count: number, what: string, none: string): string =>
  count === 0 ? none : `${count === 1 ? 'one' : count} ${what}${count === 1 ? '' : 's'}`

/** “no hard crossing and two doubles”. */
export function countWords({ hard, doubles, rowDoubles }: StickCount): string {
  const across =
    rowDoubles > 0
      ? `, ${rowDoubles === doubles ? (doubles === 1 ? '' : 'all ') : `${rowDoubles} `}across the rows`
      : ''
  return `${plural(hard, 'hard crossing', 'no hard crossing')} and ${plural(doubles, 'double', 'no double')}${across}`
}

/** How the same line would go if the other hand led. */
export interface OtherLead {
  readonly count: StickCount
  readonly sticks: readonly Stick[]
}

function leadReason(task: StickTask, own: StickCount, other: OtherLead | null): StickReason[] {
  if (!other) return []
  const text = `Led by the ${handWord(task.lead)}: ${countWords(own)}. Led by the ${handWord(otherStick(task.lead))}: ${countWords(other.count)}.`
  return [{ kind: 'lead', indices: [0], text, price: null }]
}

/** Strict alternation over an odd number of steps to the octave begins every octave with the other hand. */
function octaveReason(task: StickTask, strokes: readonly Strokes[]): StickReason[] {
  if (task.school.doubles) return []
  const swapped = task.steps.flatMap((step, at) =>
    step.tonic && at < strokes.length - 1 && strokes[at] !== task.lead ? [step.notes[0]!] : [],
  )
  if (swapped.length === 0) return []
  const text = `Strict alternation swaps the lead from octave to octave: here one begins with the ${handWord(otherStick(task.lead))}.`
  return [{ kind: 'octaves', indices: swapped, text, price: null }]
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
  const text = swaps
    ? 'The top is struck twice, once with either hand, so every bar changes hands on the way back.'
    : 'The top is struck twice with one hand, so every bar keeps its hand on the way back.'
  return [{ kind: 'tops', indices: twice.map((at) => steps[at + 1]!.notes[0]!), text, price: null }]
}

function pinReason({ pins, line }: StickTask, price: number): StickReason[] {
  if (pins.length === 0) return []
  const indices = [...new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))].sort((a, b) => a - b)
  const names = [...new Set(indices.map((index) => printedName(line.notes[index]!.pitch)))]
  const said = names.length > 4 ? `${indices.length} notes` : names.join(', ')
  const text =
    price > 0 ? `Pinned: ${said}. Left alone, other sticks would cost less.` : `Pinned: ${said}. It costs nothing.`
  return [{ kind: 'pin', indices, text, price: price > 0 ? price : null }]
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
    text: `${capital(doubleReason(task, strokes, at))}.`,
    price: doublePrice(at),
  }))
  const both = task.steps.every((step) => step.double)
  const together: StickReason = {
    kind: 'together',
    indices: [0],
    text: 'Both sticks strike at once, the left below.',
    price: null,
  }
  return [
    ...(both ? [together] : []),
    ...doubles,
    ...crossingReasons(task, strokes),
    ...octaveReason(task, strokes),
    ...topReason(task, strokes),
    ...pinReason(task, pinPrice),
    ...leadReason(task, countOf(task, sticks), other),
  ]
}
