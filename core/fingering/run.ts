import { costOf, type Problem, type Solution, solve } from '../solver'
import type { Finger, Line } from '../study'
import { isBlack, keyDistance } from '../surface'
import { allCombinations, type StruckFingers, struckCost, isThird, moveCost, numberOf, sameFingers } from './chords'
import {
  termCost,
  crampCost,
  looseCost,
  endCost,
  outward,
  shiftCost,
  spanCost,
  stepCost,
  type CostListener,
  type Touch,
  touchCost,
} from './cost'
import type { Habit } from './habit'
import { crampTable, looseTable, freeGripTable, gripTable, handMoves, insideTable, moveTable, stepTable } from './memo'
import { BEYOND, type School } from './school'
import { type HandStep, stepsOf } from './steps'

/** A hand's line ready to be fingered. */
export interface Run {
  readonly school: School
  readonly line: Line
  readonly steps: readonly HandStep[]
  readonly habit: Habit
  /** Whether the hand may be lifted anywhere; only where the notes cannot be played otherwise. */
  readonly lifts: boolean
  readonly prices: Prices
  /** The best way through it, where it was looked for already. */
  readonly solved?: Solution<StruckFingers> | undefined
}

/** Which fingers may strike a step; pins and counterfactuals narrow them. */
export type Allowed = (at: number, struckFingers: StruckFingers) => boolean

/** A step's notes under the fingers that strike them. */
const touch = (step: HandStep, struckFingers: StruckFingers, voice = 0): Touch => ({
  midi: step.keys[voice]!,
  finger: struckFingers[voice]!,
})

/** What a chord costs to hold; looked up, unless its cost terms are wanted. */
function heldPrice(run: Run, at: number, struckFingers: StruckFingers, onCost?: CostListener): number {
  return onCost
    ? struckCost(run.school, run.steps[at]!.keys, struckFingers, onCost)
    : run.prices.struckFingers(run, at)[numberOf(struckFingers)]!
}

/**
 * Where a run of thirds ends or turns: on its outer side the pair leaves the thumb free, on its inner side it has it,
 * but for a black key.
 */
function thirdsEnd(
  { school, line, steps }: Run,
  at: number,
  struckFingers: StruckFingers,
  onCost?: CostListener,
): number {
  const { keys, end } = steps[at]!
  const beside = steps[at - 1] ?? steps[at + 1]
  if (!end || !beside || !isThird(keys)) return 0
  const outer = (keys[0]! - beside.keys[0]!) * outward(line.hand) > 0
  const inner = line.hand === 'right' ? keys[0]! : keys[1]!
  const wantsThumb = !outer && !isBlack(inner)
  return termCost('double-end', struckFingers.includes(1) === wantsThumb ? 0 : 1, school, onCost)
}

/** What it costs to leave the pattern: little where the hand need not go on or another key begins, half near a joint. */
function offPattern({ school, steps }: Run, at: number, onCost?: CostListener): number {
  const { end, joint, bends } = steps[at]!
  if (end || joint || (steps[at + 1]?.joint ?? false)) return termCost('end-off-pattern', 1, school, onCost)
  return termCost('off-pattern', bends ? BENT : 1, school, onCost)
}
const BENT = 0.6

function stepPrice(run: Run, at: number, struckFingers: StruckFingers, onCost?: CostListener): number {
  const { school, line, steps, habit } = run
  const step = steps[at]!
  const usual = habit[at]
  const chord = struckFingers.length > 1
  if (!usual) {
    return chord
      ? heldPrice(run, at, struckFingers, onCost) + thirdsEnd(run, at, struckFingers, onCost)
      : touchCost(school, line.hand, touch(step, struckFingers), onCost)
  }
  const own = chord ? heldPrice(run, at, struckFingers, onCost) + thirdsEnd(run, at, struckFingers, onCost) : 0
  if (struckFingers.every((finger, voice) => finger === usual[voice])) return own
  const finger = chord ? 0 : struckFingers[0]!
  return (
    own +
    offPattern(run, at, onCost) +
    termCost('thumb-on-black', finger === 1 && isBlack(step.keys[0]!) ? 1 : 0, school, onCost) +
    termCost('little-finger-inside', finger === 5 && !step.end ? 1 : 0, school, onCost)
  )
}

/** Whether the hand has to go on between two steps: inside a run, and over a joint with what leads to it. */
const goesOn = (from: HandStep, to: HandStep): boolean => (!from.end && !to.end) || to.joint || from.link

/** Prices of two successive steps, by the numbers of their struck fingers, the first slowest. */
function linkTable(run: Run, at: number): Float64Array {
  const { school, line, steps } = run
  const { hand } = line
  const [from, to] = [steps[at]!, steps[at + 1]!]
  if (from.keys.length > 1 || to.keys.length > 1) return moveTable(school, hand, from.keys, to.keys)
  const [first, second] = [from.keys[0]!, to.keys[0]!]
  // over a joint the hand goes on, whether it turns there or not
  const inside = goesOn(from, to)
  const bends = from.bends && to.bends
  if (inside && !run.lifts && !bends) return insideTable(school, hand, first, second)
  const cramps = bends ? looseTable(school, hand, first, second) : crampTable(school, hand, first, second)
  return stepTable(school, hand, first, second).map((cost, pair) => {
    const [a, b] = [HOLD[Math.floor(pair / 5)]!, HOLD[pair % 5]!]
    if (cost === Infinity) return run.lifts ? shiftCost(school, touch(from, a), touch(to, b)) : Infinity
    return cost + (inside ? cramps[pair]! : linkEnd(run, at, a, b))
  })
}

const HOLD = allCombinations('right', 1)

function linkEnd(
  { school, line, steps }: Run,
  at: number,
  a: StruckFingers,
  b: StruckFingers,
  onCost?: CostListener,
): number {
  const [first, second] = [touch(steps[at]!, a), touch(steps[at + 1]!, b)]
  const [inside, end] = steps[at + 1]!.end ? [first, second] : [second, first]
  return endCost(line.hand, school, inside, end, onCost)
}

/** What `linkTable` has for two steps, cost term by cost term. */
function linkCosts(run: Run, at: number, a: StruckFingers, b: StruckFingers, onCost: CostListener): void {
  const { school, line, steps } = run
  const [from, to] = [steps[at]!, steps[at + 1]!]
  if (to.fresh) return
  if (a.length > 1 || b.length > 1) {
    moveCost(school, line.hand, { keys: from.keys, struckFingers: a }, { keys: to.keys, struckFingers: b }, onCost)
    return
  }
  const [first, second] = [touch(from, a), touch(to, b)]
  const cost = stepCost(school, line.hand, first, second, onCost)
  if (cost === Infinity) shiftCost(school, first, second, onCost)
  else if (goesOn(from, to)) {
    if (from.bends && to.bends) looseCost(school, line.hand, first, second, onCost)
    else crampCost(school, line.hand, first, second, onCost)
  } else linkEnd(run, at, a, b, onCost)
}

/** Whether three steps are single notes in one position, so that they can lie in one grip. */
const single = ({ steps }: Run, at: number): boolean => {
  const [one, two, three] = [steps[at]!, steps[at + 1]!, steps[at + 2]!]
  return !two.fresh && !three.fresh && one.keys.length + two.keys.length + three.keys.length === 3
}

/** Prices of three successive steps in one grip, by the numbers of their struck fingers, the first slowest; null where none is due. */
function gripsTable(run: Run, at: number): Float64Array | null {
  const { school, line, steps } = run
  if (!single(run, at)) return null
  const [one, two, three] = [steps[at]!.keys[0]!, steps[at + 1]!.keys[0]!, steps[at + 2]!.keys[0]!]
  const grips = run.habit[at] ? gripTable : freeGripTable
  const table = one === three ? againTable(run, at) : grips(school, line.hand, one, two, three)
  if (!run.lifts) return table
  // without a grip in common the outer two may lie farther apart than a hand: it has moved between them
  const shift = school.weights.shift
  return table.map((cost) => (cost === Infinity ? shift : cost))
}

/** A key met again at once keeps its finger, unless a pattern says otherwise. */
function againTable({ school, habit }: Run, at: number): Float64Array {
  const price = habit[at] ? 0 : termCost('finger-change', 1, school)
  return Float64Array.from({ length: 125 }, (_, triple) => (Math.floor(triple / 25) === triple % 5 ? 0 : price))
}

function gripCosts(
  run: Run,
  at: number,
  [a, b, c]: readonly [StruckFingers, StruckFingers, StruckFingers],
  onCost: CostListener,
): void {
  const { school, steps, habit } = run
  if (!single(run, at)) return
  const [first, last] = [touch(steps[at]!, a), touch(steps[at + 2]!, c)]
  if (first.midi === last.midi) {
    if (!habit[at]) termCost('finger-change', first.finger === last.finger ? 0 : 1, school, onCost)
    return
  }
  const grips = gripTable(school, run.line.hand, first.midi, steps[at + 1]!.keys[0]!, last.midi)
  const cost = grips[25 * numberOf(a) + 5 * numberOf(b) + numberOf(c)]!
  if (cost === Infinity) termCost('shift', 1, school, onCost)
  else if (cost > 0) spanCost(school, first, last, onCost)
  if (!habit[at]) handMoves(school, first.finger, last.finger, onCost)
}

/** Tables of a run, each made when it is first asked for; they do not depend on the pattern's fingers. */
class Prices {
  private readonly fingersByStep: Float64Array[] = []
  private readonly links: Float64Array[] = []
  private readonly grips: (Float64Array | null)[] = []

  struckFingers(run: Run, at: number): Float64Array {
    const { keys } = run.steps[at]!
    return (this.fingersByStep[at] ??= Float64Array.from(
      allCombinations(run.line.hand, keys.length).map((struckFingers) => struckCost(run.school, keys, struckFingers)),
    ))
  }
  link(run: Run, at: number): Float64Array {
    return (this.links[at] ??= run.steps[at + 1]!.fresh ? NOTHING : linkTable(run, at))
  }
  grip(run: Run, at: number): Float64Array | null {
    const known = this.grips[at]
    return known === undefined ? (this.grips[at] = gripsTable(run, at)) : known
  }
}
const NOTHING = new Float64Array(100)

/** A whole line as a problem: physical costs, and a price for leaving the pattern where there is one. */
export function runProblem(run: Run, allowed?: Allowed, onCost?: CostListener): Problem<StruckFingers> {
  const { line, steps } = run
  const { hand } = line
  const { prices } = run
  const problem: Problem<StruckFingers> = {
    length: steps.length,
    states: (at) => {
      const all = allCombinations(hand, steps[at]!.keys.length)
      return allowed ? all.filter((struckFingers) => allowed(at, struckFingers)) : all
    },
    one: (at, struckFingers) => stepPrice(run, at, struckFingers, onCost),
    two: (at, a, b) => {
      if (onCost) linkCosts(run, at, a, b, onCost)
      const width = allCombinations(hand, b.length).length
      return prices.link(run, at)[numberOf(a) * width + numberOf(b)]!
    },
  }
  // chords are judged one against the next; only single notes make grips of three
  if (steps.every((step) => step.keys.length > 1)) return problem
  return {
    ...problem,
    three: (at, a, b, c) => {
      if (onCost) gripCosts(run, at, [a, b, c], onCost)
      const table = prices.grip(run, at)
      return table === null ? 0 : table[25 * numberOf(a) + 5 * numberOf(b) + numberOf(c)]!
    },
  }
}

/** Holds as fingers note by note, and back. */
export const fingersOf = (steps: readonly HandStep[], fingersByStep: readonly StruckFingers[]): Finger[] => {
  const fingers: Finger[] = []
  steps.forEach((step, at) => step.notes.forEach((note, voice) => (fingers[note] = fingersByStep[at]![voice]!)))
  return fingers
}
export const fingersFrom = (steps: readonly HandStep[], fingers: readonly Finger[]): StruckFingers[] =>
  steps.map((step) => {
    const own = step.notes.map((note) => fingers[note]!)
    const known = [...allCombinations('right', own.length), ...allCombinations('left', own.length)]
    return known.find((struckFingers) => sameFingers(struckFingers, own)) ?? own
  })

/**
 * The best ways through a run, cheapest first. Prices are never negative, so a line that costs less than a finger does by
 * itself is better than any with that finger: such fingers are left out first, and the answer is exact all the same.
 */
export function solveRun(run: Run, allowed?: Allowed, k = 1): Solution<StruckFingers>[] {
  const sensible: Allowed = (at, struckFingers) =>
    (allowed?.(at, struckFingers) ?? true) && stepPrice(run, at, struckFingers) < BEYOND
  const found = solve(runProblem(run, sensible), k)
  return found.length === k && found[k - 1]!.cost < BEYOND ? found : solve(runProblem(run, allowed), k)
}

/** Points that given fingers cost; Infinity where no hand plays them so. */
export const runCost = (run: Run, fingers: readonly Finger[]): number =>
  costOf(runProblem(run), fingersFrom(run.steps, fingers))

/**
 * A run after a pattern; the hand may be lifted only if the notes cannot be played without it.
 * @param moved notes to which it moves as a whole
 * @param joints notes on which another key begins
 * @param growing it comes back from farther on each time
 */
export function runOf(
  school: School,
  line: Line,
  habitFor: (steps: readonly HandStep[]) => Habit,
  moved?: ReadonlySet<number>,
  joints?: ReadonlySet<number>,
  growing = false,
): Run {
  const steps = stepsOf(line, moved, joints, growing)
  const run: Run = { school, line, steps, habit: habitFor(steps), lifts: false, prices: new Prices() }
  if (leaps(run)) return { ...run, lifts: true, prices: new Prices() }
  const alone = run.habit.every(Boolean) && !steps.some(({ joint }) => joint)
  if (alone) return run
  const [solved] = solveRun(run)
  return solved ? { ...run, solved } : { ...run, lifts: true, prices: new Prices() }
}

/** Whether neighbours lie beyond a hand's reach somewhere: then it is not worth trying without lifting. */
function leaps({ school, steps }: Run): boolean {
  const far = school.widest[1]![5]!
  return steps.some((step, at) => {
    const next = steps[at + 1]
    return (
      next &&
      !next.fresh &&
      step.keys.length === 1 &&
      next.keys.length === 1 &&
      keyDistance(step.keys[0]!, next.keys[0]!) > far
    )
  })
}
