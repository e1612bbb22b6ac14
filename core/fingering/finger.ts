import type { Material } from '../material'
import type { Finger, Line, Recipe } from '../study'
import { type Alternative, alternativesTo, USUAL_ALTERNATIVES } from './alternatives'
import { allowedBy, conflictOf, type PlacedPin } from './pins'
import { Others } from './others'
import { type Reason, reasonsOf } from './reasons'
import { type Crossing, crossingsOf, fingersOf, holdsFrom, liftsOf, runCost, solveRun } from './run'
import { type Task, taskOf } from './task'

/** One hand's line, fingered. */
export interface Fingering {
  readonly fingers: readonly Finger[]
  readonly crossings: readonly Crossing[]
  /** Notes before which the hand is lifted and set down elsewhere. */
  readonly lifts: readonly number[]
  /** Notes whose fingers are pinned, each with its pin's place in the recipe. */
  readonly pinned: readonly { readonly index: number; readonly pin: number }[]
  /** Cost of the whole line in the school's points. */
  readonly cost: number
  readonly reasons: readonly Reason[]
  /** The next best, cheapest first. */
  readonly alternatives: readonly Alternative[]
}

/** What is asked of a line besides its recipe. */
export interface Asked {
  /** Fingers that stand and are only explained. */
  readonly accepted?: readonly Finger[]
  /** How many alternatives are wanted at the most; five unless said. */
  readonly alternatives?: number
}

function solvedBy(task: Task, pins: readonly PlacedPin[]) {
  return solveRun(task.run, allowedBy(task.run.steps, pins))[0]
}

/**
 * Fingers a line by the recipe's school: the octave first, as a ring, where there is one; then the whole line after
 * that pattern, around the pins.
 * @throws RecipeError `pin.note`, `pin.degree`, `pin.conflict` (the smallest set that cannot stand together)
 */
export function fingerLine(recipe: Recipe, material: Material, line: Line, asked: Asked = {}): Fingering {
  const task = taskOf(recipe, material, line)
  const { run, pins } = task
  const best = solvedBy(task, pins)
  if (!best) throw conflictOf(line, pins, (some) => solvedBy(task, some) !== undefined)
  const { accepted } = asked
  const chosen = accepted
    ? { states: holdsFrom(run.steps, accepted), cost: runCost(run, accepted) }
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
    pinned: pins.flatMap(({ at, fixes }) => fixes.map(({ index }) => ({ index, pin: at }))),
    cost: chosen.cost,
    reasons: reasonsOf({ task, others, crossings, lifts, fingers, pinPrice: chosen.cost - free }),
    alternatives: alternativesTo(task, best, others, asked.alternatives ?? USUAL_ALTERNATIVES),
  }
}
