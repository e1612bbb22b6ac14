import { costOf } from '../assign'
import type { Material } from '../material'
import type { Finger, Hand, Line, Pin, Recipe } from '../study'
import { habitOf } from './habit'
import { type Reason, reasonsOf } from './reasons'
import { ringCharges, type RingFingering, solveRing } from './ring'
import { type Crossing, crossingsOf, runProblem, solveRun } from './run'
import { type School, schoolOf } from './school'
import { dearerIn, phraseOf, priceWords, thumbsOf, thumbWords } from './words'

/** Another octave pattern that would serve, cheapest first. */
export interface Alternative {
  /** Fingers of the degrees from the tonic, up and down. */
  readonly up: readonly Finger[]
  readonly down: readonly Finger[]
  /** Points an octave more than the chosen pattern. */
  readonly price: number
  readonly words: string
}

/** One hand's line, fingered. */
export interface Fingering {
  readonly fingers: readonly Finger[]
  readonly crossings: readonly Crossing[]
  /** Cost of the whole line in the school's points. */
  readonly cost: number
  readonly reasons: readonly Reason[]
  readonly alternatives: readonly Alternative[]
}

const MOST_ALTERNATIVES = 3

function firstFingerOf(recipe: Recipe, material: Material): 'pattern' | 'two' {
  if (recipe.firstFinger !== 'usual') return recipe.firstFinger
  return material.kind.family === 'arpeggio' ? 'two' : 'pattern'
}

/** The pins of one hand, each with its place in the recipe so that errors can name it. */
export function pinsOf(recipe: Recipe, line: Line): { pin: Pin; at: number }[] {
  return recipe.pins.map((pin, at) => ({ pin, at })).filter(({ pin }) => pin.hand === line.hand)
}

/**
 * Fingers a line by the recipe's school: the octave first, as a ring; then the whole line after that pattern, around
 * the pins. With `accepted` fingers given, those stand and are only explained.
 * @throws RecipeError `pin.note`, `pin.conflict`, `accepted.length`
 */
export function fingerLine(recipe: Recipe, material: Material, line: Line, accepted?: readonly Finger[]): Fingering {
  const school = schoolOf(recipe.school)
  const rings = distinctRings(school, line.hand, material)
  const ring = rings[0]!
  const habit = habitOf(line, ring, firstFingerOf(recipe, material))
  const placed = pinsOf(recipe, line)
  const pins = placed.map(({ pin }) => pin)
  const run = accepted ? given(school, line, habit, accepted) : solveRun(school, line, habit, placed)
  const free = pins.length > 0 && !accepted ? solveRun(school, line, habit, []).cost : run.cost
  const crossings = crossingsOf(line.hand, line, run.fingers)
  const solved = { school, material, line, ring, habit, crossings, pins, fingers: run.fingers }
  return {
    fingers: run.fingers,
    crossings,
    cost: run.cost,
    reasons: reasonsOf({ ...solved, pinPrice: run.cost - free }),
    alternatives: rings.slice(1).map((other) => alternative(school, material, line, ring, other)),
  }
}

function given(school: School, line: Line, habit: ReturnType<typeof habitOf>, fingers: readonly Finger[]) {
  return { fingers, cost: costOf(runProblem(school, line, habit, []), fingers) }
}

/** The best pattern and the next best whose thumbs lie elsewhere, cheapest first. */
function distinctRings(school: School, hand: Hand, material: Material): RingFingering[] {
  const seen = new Set<string>()
  const distinct = solveRing(school, hand, material).filter((ring) => {
    const thumbs = [thumbsOf(ring.up), thumbsOf(ring.down)].join('|')
    return !seen.has(thumbs) && seen.add(thumbs)
  })
  return distinct.slice(0, MOST_ALTERNATIVES + 1)
}

function alternative(
  school: School,
  material: Material,
  line: Line,
  chosen: RingFingering,
  other: RingFingering,
): Alternative {
  const charges = (ring: RingFingering) => ringCharges(school, line.hand, material, ring)
  const dearer = dearerIn(charges(chosen), charges(other)).slice(0, 2)
  const price = other.cost - chosen.cost
  const why = dearer.map((charge) => phraseOf(material, line.hand, charge)).join('; ')
  return {
    up: other.up,
    down: other.down,
    price,
    words: `${[thumbWords(material, other), why].filter(Boolean).join('; ')}; ${priceWords(price)}`,
  }
}

/** The pins that give a line another octave pattern: every finger in which it departs from the engine's own. */
export function pinsForPattern(
  recipe: Recipe,
  material: Material,
  line: Line,
  pattern: Pick<Alternative, 'up' | 'down'>,
): Pin[] {
  const school = schoolOf(recipe.school)
  const first = firstFingerOf(recipe, material)
  const fingered = (ring: RingFingering) => solveRun(school, line, habitOf(line, ring, first), []).fingers
  const own = fingered(solveRing(school, line.hand, material)[0]!)
  return fingered({ ...pattern, cost: 0 }).flatMap((finger, index) =>
    finger === own[index] ? [] : [{ hand: line.hand, index, finger }],
  )
}
