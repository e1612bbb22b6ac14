import { costOf, type Solution } from '../solver'
import type { StruckFingers } from './chords'
import { pitchName } from '../pitch'
import type { DomainError } from '../message'
import { type Finger, type FreePitches, isFree, type Line } from '../study'
import type { FingeredRecipe } from './settings'
import { type Alternative, alternativesTo, DEFAULT_ALTERNATIVES } from './alternatives'
import { allowedBy, conflictOf, type PlacedPin } from './pins'
import type { KeyStretch } from './keys'
import { fingeringError } from './messages'
import { Others } from './others'
import type { Reason } from './reason'
import { reasonsOf } from './reasons'
import { type Crossing, crossingsOf, gripsOf, liftsOf } from './places'
import { type Allowed, fingersOf, fingersFrom, runCost, runProblem, solveRun } from './run'
import type { Make } from './schools'
import { type Task, taskOf } from './task'

/** One hand's line, fingered. */
export interface Fingering {
  readonly fingers: readonly Finger[]
  /** Where each finger presses, row and place; only on keyboards of buttons. */
  readonly buttons?: readonly (readonly [row: number, place: number])[]
  readonly crossings: readonly Crossing[]
  /** Notes before which the hand is lifted and set down elsewhere. */
  readonly lifts: readonly number[]
  /** Notes on which a new grip begins: what the hand plays without moving. */
  readonly grips: readonly number[]
  /** Notes whose fingers are pinned, each with its pin's place in the recipe. */
  readonly pinned: readonly { readonly index: number; readonly pin: number }[]
  /** Cost of the whole line in the school's points. */
  readonly cost: number
  readonly reasons: readonly Reason[]
  /** The next best, cheapest first. */
  readonly alternatives: readonly Alternative[]
}

/** What is asked of a line besides its recipe. */
interface FingeringOptions {
  /** Fingers that stand and are only explained. */
  readonly accepted?: readonly Finger[]
  /** How many alternatives are wanted at the most; five unless said. */
  readonly alternatives?: number
  /** The keys, where they are not a piano's. */
  readonly make?: Make
}

function solvedBy(task: Task, pins: readonly PlacedPin[]): Solution<StruckFingers> | undefined {
  const allowed = allowedBy(task.run.steps, pins)
  return shaped(task, allowed) ?? (allowed ? undefined : task.run.solved) ?? solveRun(task.run, allowed)[0]
}

/** Repeats that keep their shapes are fingered already, unless pins want something else of one of them. */
function shaped({ run, sequences }: Task, allowed: Allowed | undefined): Solution<StruckFingers> | undefined {
  if (sequences.length === 0) return undefined
  const states = run.habit.map((struckFingers) => struckFingers!)
  if (allowed && !states.every((struckFingers, at) => allowed(at, struckFingers))) return undefined
  const cost = costOf(runProblem(run), states)
  return cost < Infinity ? { states, cost } : undefined
}

/** Notes at one step that no hand of this size can take at once. */
function outOfReach(recipe: FingeredRecipe, { run, line }: Task): DomainError {
  const problem = runProblem(run)
  const at = run.steps.findIndex((_, step) =>
    problem.states(step).every((struckFingers) => problem.one(step, struckFingers) === Infinity),
  )
  const names = (run.steps[at]?.notes ?? []).map((note) => pitchName(line.notes[note]!.pitch))
  const own = recipe.pattern.motif ? 'pattern.motif' : 'handSize'
  const path = isFree(recipe.material) ? `material.pitches[${placeOf(recipe, recipe.material, at)}]` : own
  const { handSize: size } = recipe
  return fingeringError('reach', { pitches: names.join(' '), size, hand: line.hand }, path)
}

/** Where in the list of pitches a step stands, there or back. */
function placeOf({ course }: FingeredRecipe, { pitches }: FreePitches, step: number): number {
  const last = pitches.length - 1
  const along = step <= last ? step : 2 * last - step
  return course.startsWith('up') ? along : last - along
}

/**
 * Fingers a line by the recipe's school: the octave of each key first, as a ring, where there is one; then the whole line
 * after those patterns, around the pins. From key to key the hand goes on as over any other two notes.
 * @param keys the keys of the line, one after another
 * @throws DomainError `pin.note`, `pin.degree`, `pin.conflict` (the smallest set that cannot stand together), `reach`
 */
export function fingerLine(
  recipe: FingeredRecipe,
  keys: readonly KeyStretch[],
  line: Line,
  options: FingeringOptions = {},
): Fingering {
  const task = taskOf(recipe, keys, line, options.make)
  const { run, pins } = task
  const best = solvedBy(task, pins)
  if (!best) {
    if (!solvedBy(task, [])) throw outOfReach(recipe, task)
    throw conflictOf(line, pins, (some) => solvedBy(task, some) !== undefined)
  }
  const { accepted } = options
  const chosen = accepted
    ? { states: fingersFrom(run.steps, accepted), cost: runCost(run, accepted) }
    : { states: best.states, cost: best.cost }
  const fingers = accepted ?? fingersOf(run.steps, chosen.states)
  const free = pins.length > 0 ? (solvedBy(task, [])?.cost ?? chosen.cost) : chosen.cost
  const crossings = crossingsOf(line.hand, run, fingers)
  const lifts = liftsOf(run, fingers)
  const others = new Others(task, best)
  return {
    fingers,
    crossings,
    lifts,
    grips: gripsOf(run, fingers, crossings, lifts),
    pinned: pins.flatMap(({ at, fixes }) => fixes.map(({ index }) => ({ index, pin: at }))),
    cost: chosen.cost,
    reasons: reasonsOf({ task, others, crossings, lifts, fingers, pinPrice: chosen.cost - free }),
    alternatives: alternativesTo(task, best, others, options.alternatives ?? DEFAULT_ALTERNATIVES),
  }
}
