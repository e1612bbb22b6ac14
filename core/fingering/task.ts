import type { Material } from '../material'
import { hasChords, type Line } from '../study'
import type { FingeredRecipe } from './settings'
import { type Habit, habitOf, positionHabit } from './habit'
import { conditionsOf, type PlacedPin, placedPins } from './pins'
import { type Condition, type RingFingering, solveRing } from './ring'
import { type Run, runOf } from './run'
import type { HandStep } from './steps'
import { type Make, type Manner, mannerFor, shapely } from './schools'
import { thumbsOf } from './words'

/** One hand's line with all that its fingering is worked out from. */
export interface Task {
  readonly manner: Manner
  readonly material: Material
  readonly line: Line
  readonly run: Run
  readonly pins: readonly PlacedPin[]
  readonly fixed: readonly Condition[]
  /** Octave patterns whose thumbs lie in different places, best first; none where the line has no octave to repeat. */
  readonly rings: readonly RingFingering[]
  readonly first: 'pattern' | 'two'
}

function firstFingerOf(recipe: FingeredRecipe, material: Material): 'pattern' | 'two' {
  if (recipe.firstFinger !== 'usual') return recipe.firstFinger
  return material.kind.family === 'arpeggio' || material.kind.family === 'seventh' ? 'two' : 'pattern'
}

/** The best pattern and the next best whose thumbs lie elsewhere, cheapest first. */
function distinct(rings: readonly RingFingering[]): RingFingering[] {
  const seen = new Set<string>()
  return rings.filter((ring) => {
    const thumbs = [thumbsOf(ring.up), thumbsOf(ring.down)].join('|')
    return !seen.has(thumbs) && seen.add(thumbs)
  })
}

const inPositions = (recipe: FingeredRecipe, material: Material): boolean =>
  material.kind.family === 'position' || recipe.school === 'two-hand-tetrachords'

/** Whether a line repeats by the octave, so that the octave can be solved first. */
const repeats = (material: Material, line: Line): boolean => material.kind.texture === 'run' && !line.free

/** The habit of a line, given the octave's pattern if there is one. */
export const habitFor =
  (task: Pick<Task, 'line' | 'first'>, ring: RingFingering) =>
  (steps: readonly HandStep[]): Habit =>
    habitOf(task.line.hand, steps, ring, task.first)

/** @throws RecipeError `pin.note`, `pin.degree`, `pin.conflict` */
export function taskOf(recipe: FingeredRecipe, material: Material, line: Line, make?: Make): Task {
  const pins = placedPins(recipe, line, material.up.length)
  const heldNote = line.free === 'held' && !hasChords(line)
  const positions = inPositions(recipe, material) || heldNote
  const asked = mannerFor(recipe, line.hand, material, make)
  const ringed = repeats(material, line) && !positions && asked.pattern !== 'none'
  const manner = ringed || positions ? asked : shapely(asked)
  const fixed = ringed ? conditionsOf(pins) : []
  const withFixed = ringed ? solveRing(manner, line.hand, material, fixed) : []
  // pins that leave no pattern at all are told as a conflict by the run; until then the usual pattern stands
  const rings = distinct(withFixed.length > 0 || !ringed ? withFixed : solveRing(manner, line.hand, material))
  const first = firstFingerOf(recipe, material)
  const habit = (steps: readonly HandStep[]): Habit => {
    if (rings[0]) return habitOf(line.hand, steps, rings[0], first)
    return positions ? positionHabit(line.hand, steps) : steps.map(() => null)
  }
  return { manner, material, line, run: runOf(manner, line, habit), pins, fixed, rings, first }
}
