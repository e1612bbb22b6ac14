import { type Solution, solve } from '../solver'
import { inText, joined, listed, type Message } from '../message'
import type { Finger } from '../study'
import { type CostTerm, costTermsOfRing, dearerIn } from './costTerms'
import { type StruckFingers, sameFingers } from './chords'
import { allowedBy } from './pins'
import type { RingFingering } from './ring'
import { BEYOND } from './school'
import type { Other, Others } from './others'
import { type Allowed, fingersOf, fingersFrom, type Run, runProblem, solveRun } from './run'
import { fingersIn, type Unit } from './sequence'
import { namesOf } from './shapeReasons'
import { habitWith, type KeyFingers, type Task } from './task'
import { windowsOf, within } from './window'
import { fingeringMessage } from './messages'
import { fingersInWords, noteParam, phraseOf, priceMessage, thumbsMessage } from './words'

/** Another fingering of the whole line that would serve. */
export interface Alternative {
  readonly fingers: readonly Finger[]
  /** Where each finger presses; only on keyboards of buttons. */
  readonly buttons?: readonly (readonly [row: number, place: number])[]
  /** The chosen fingering's cost and the price. */
  readonly cost: number
  /** Points more than the chosen one: an octave, where the octave's pattern is another one; else over the line. */
  readonly price: number
  /** What differs: where the thumbs lie, an end, the rows of buttons, or the shape of every repeat. */
  readonly kind: 'thumbs' | 'end' | 'rows' | 'shape'
  /** Fingers that tell it apart, such as one octave of them. */
  readonly pattern: Message
  readonly message: Message
  /** The first note on which it departs. */
  readonly departs: number
}

/** Alternatives offered unless another number is asked for. */
export const DEFAULT_ALTERNATIVES = 5

type Candidate = Omit<Alternative, 'cost' | 'departs'>

const patternOf = (ring: RingFingering): Message => {
  const [up, down] = [fingersInWords(ring.up), fingersInWords(ring.down)]
  return up === down ? inText(up) : fingeringMessage('both-ways', { up, down })
}

const sentence = (place: Message, dearer: readonly CostTerm[], price: number): Message =>
  joined([place, ...dearer.slice(0, 2).map(phraseOf), priceMessage(price)], 'semicolon')

/**
 * A key keeps another pattern everywhere but at its ends, the other keys stay as they are; with pins the line gives way
 * to them wherever it must.
 */
function fingeredAfter(
  run: Run,
  key: KeyFingers,
  chosen: readonly StruckFingers[],
  pinned: Allowed | undefined,
): readonly StruckFingers[] | undefined {
  if (pinned) return solveRun(run, pinned)[0]?.states
  const isOwn = (at: number): boolean => at >= key.from && at < key.to
  const isEnd = (at: number): boolean => run.steps[at]!.fromEnd <= 1 && at >= key.from - 2 && at < key.to + 2
  const fingersByStep = run.habit.map((struckFingers, at) => (isOwn(at) ? struckFingers! : chosen[at]!))
  const allowed: Allowed = (at, struckFingers) => isEnd(at) || sameFingers(struckFingers, fingersByStep[at])
  for (const window of windowsOf(run.steps.length, isEnd)) {
    const [found] = solve(within(runProblem(run, allowed), window))
    if (!found) return undefined
    found.states.forEach((struckFingers, at) => (fingersByStep[window.from + at] = struckFingers))
  }
  return fingersByStep
}

/** Another pattern that a key might keep. */
interface OtherRing {
  readonly key: KeyFingers
  readonly ring: RingFingering
  readonly price: number
}

function otherRingsOf(key: KeyFingers, most: number): OtherRing[] {
  const [chosen, ...rest] = key.rings
  if (!chosen) return []
  const priced = rest.map((ring) => ({ key, ring, price: ring.cost - chosen.cost }))
  // what the school rules out is offered only where it has nothing else
  const sensible = priced.filter(({ price }) => price < BEYOND)
  return sensible.length > 0 ? sensible.slice(0, most) : priced.slice(0, 1)
}

/** Other places for the thumbs of the octave, in one key after the other. */
function otherRings(task: Task, chosen: readonly StruckFingers[], most: number): Candidate[] {
  const { line, run, keys, pins } = task
  const offered = keys
    .flatMap((key) => otherRingsOf(key, most))
    .sort((a, b) => a.price - b.price)
    .slice(0, keys.length > 1 ? most : undefined)
  return offered.flatMap(({ key, ring, price }): Candidate[] => {
    const { costProfile, material } = key
    const costTerms = (each: RingFingering) => costTermsOfRing(costProfile, line.hand, material, each)
    const other: Run = { ...run, habit: habitWith(task, key, ring) }
    const found = fingeredAfter(other, key, chosen, allowedBy(run.steps, pins))
    if (!found) return []
    const message = sentence(thumbsMessage(material, ring), dearerIn(costTerms(key.rings[0]!), costTerms(ring)), price)
    return [{ kind: 'thumbs', fingers: fingersOf(run.steps, found), price, pattern: patternOf(ring), message }]
  })
}

/** Steps around which an end is shown: the first, the turns and the last. */
const endsOf = (run: Run): number[] =>
  run.steps.flatMap((step, at) => (step.end && !step.fresh && !run.steps[at + 1]?.fresh ? [at] : [])).slice(0, 4)

const candidate = (other: Other, kind: Alternative['kind'], pattern: string, message: Message): Candidate => ({
  ...{ kind, pattern: inText(pattern), message },
  fingers: other.fingers,
  price: other.price,
})

/** Other first, last and turning fingers. */
function otherEnds(task: Task, others: Others, fingersByStep: readonly StruckFingers[]): Candidate[] {
  const { run, line } = task
  return endsOf(run).flatMap((at): Candidate[] => {
    const other = others.at(at, (struckFingers) => !sameFingers(struckFingers, fingersByStep[at]))
    if (!other) return []
    const from = Math.max(0, Math.min(at - 2, run.steps.length - 5))
    const here = other.fingersByStep[at]!
    const note = noteParam(line.notes[run.steps[at]!.notes[0]!]!.pitch)
    const where = at === 0 ? 'first' : at === run.steps.length - 1 ? 'last' : 'turn'
    const place = fingeringMessage('end.with', { where, fingers: fingersInWords([here]), note })
    const message = sentence(place, other.dearer, other.price)
    return [candidate(other, 'end', fingersInWords(other.fingersByStep.slice(from, from + 5)), message)]
  })
}

const THUMB_PLACES = 8

/** In lines without an octave's pattern: another place for a thumb, one thumb after the other. */
function otherThumbs(task: Task, others: Others, fingersByStep: readonly StruckFingers[]): Candidate[] {
  const { run, line } = task
  const thumbs = fingersByStep
    .flatMap((struckFingers, at) => (struckFingers.includes(1) ? [at] : []))
    .slice(0, THUMB_PLACES)
  return thumbs.flatMap((at): Candidate[] => {
    const other = others.at(at, (struckFingers) => !struckFingers.includes(1))
    if (!other) return []
    const note = noteParam(line.notes[run.steps[at]!.notes[0]!]!.pitch)
    const from = Math.max(0, at - 1)
    const message = sentence(fingeringMessage('thumbs.not-on', { note }), other.dearer, other.price)
    return [candidate(other, 'thumbs', fingersInWords(other.fingersByStep.slice(from, from + 6)), message)]
  })
}

/** The shape of most repeats on the way out, and where there are others: “1 3 4, but 2 3 4 from F♯”. */
function repeatsMessage(
  line: Task['line'],
  units: readonly Unit[],
  fingers: readonly Finger[],
): { main: string; place: Message } {
  const first = units[0]!
  const legOf = ({ notes }: Unit) => line.notes[notes[0]!]!.leg
  const begun = new Map<string, number[]>()
  for (const unit of units) {
    if (legOf(unit) !== legOf(first) || unit.notes.length !== first.notes.length) continue
    const row = unit.notes.map((note) => fingers[note]!).join(' ')
    begun.set(row, [...(begun.get(row) ?? []), unit.notes[0]!])
  }
  const [[main], ...others] = [...begun].sort(([, one], [, other]) => other.length - one.length) as [[string, number[]]]
  if (others.length === 0) return { main, place: fingeringMessage('shape.repeats', { fingers: main }) }
  const from = (others as [string, number[]][]).map(([row, notes]) =>
    fingeringMessage('shape.from', { fingers: row, notes: namesOf(line, notes) }),
  )
  return { main, place: fingeringMessage('shape.mixed', { fingers: main, others: listed(from) }) }
}

/** Other shapes for every repeat, or for a chord. */
function otherShapes({ run, line, pins, sequences }: Task, most: number): Candidate[] {
  const [chosen, ...others] = sequences
  const pinned = allowedBy(run.steps, pins)
  return others.slice(0, most).flatMap((sequence): Candidate[] => {
    const fingers = fingersIn(sequence, line)
    const fingersByStep = fingersFrom(run.steps, fingers)
    if (pinned && !fingersByStep.every((struckFingers, at) => pinned(at, struckFingers))) return []
    const price = sequence.cost - chosen!.cost
    const at = sequence.units.findIndex(
      (_, place) => !sameFingers(sequence.fingersByStep[place]!, chosen!.fingersByStep[place]),
    )
    if (at < 0) return []
    const { notes, lies } = sequence.units[at]!
    if (lies !== 'struck' && !sequence.inverts) {
      const { main, place } = repeatsMessage(line, sequence.units, fingers)
      return [{ kind: 'shape', fingers, price, pattern: inText(main), message: sentence(place, [], price) }]
    }
    const row = notes.map((note) => fingers[note]!).join(lies === 'struck' ? '/' : ' ')
    const place = fingeringMessage('shape.chord', { notes: namesOf(line, notes) })
    return [{ kind: 'shape', fingers, price, pattern: inText(row), message: sentence(place, [], price) }]
  })
}

/** Where the thumbs lie and how it begins, turns and ends: what a teacher would call another fingering. */
function likeness(run: Run, fingers: readonly Finger[]): string {
  return run.steps
    .map((step) => {
      const struckFingers = step.notes.map((note) => fingers[note]!)
      return step.end || step.moved || struckFingers.length > 1
        ? struckFingers.join('')
        : struckFingers.includes(1)
          ? '1'
          : '-'
    })
    .join(' ')
}

/**
 * The next best fingerings, cheapest first, each unlike the chosen one and unlike one another in where a thumb lies or
 * how an end is taken.
 */
export function alternativesTo(
  task: Task,
  chosen: Solution<StruckFingers>,
  others: Others,
  most: number,
): Alternative[] {
  if (most === 0) return []
  const { run } = task
  const own = fingersOf(run.steps, chosen.states)
  const candidates = [
    ...otherRings(task, chosen.states, most),
    ...otherShapes(task, most),
    ...(task.sequences.length === 0 ? otherEnds(task, others, chosen.states) : []),
    ...(!task.ringed && task.sequences.length === 0 ? otherThumbs(task, others, chosen.states) : []),
  ].sort((a, b) => a.price - b.price)
  const seen = new Set([likeness(run, own)])
  return candidates
    .filter(({ fingers, kind }) => {
      const like = kind === 'shape' ? fingers.join() : likeness(run, fingers)
      return !seen.has(like) && seen.add(like)
    })
    .slice(0, most)
    .map(({ kind, fingers, price, pattern, message }) => ({
      ...{ kind, fingers, price, pattern, message },
      cost: chosen.cost + price,
      departs: fingers.findIndex((finger, at) => finger !== own[at]),
    }))
}
