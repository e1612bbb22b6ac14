import type { Material } from '../material'
import { hasChords, type Line } from '../study'
import type { FingeredRecipe } from './settings'
import { allCombinations } from './chords'
import { type FirstFinger, type Habit, habitOf, positionHabit } from './habit'
import { conditionsOf, type PlacedPin, placedPins } from './pins'
import { type Condition, type RingFingering, solveRing } from './ring'
import { fingersFrom, type Run, runOf } from './run'
import { type Fits, fingersIn, type Sequence, solveSequence, type Unit } from './sequence'
import type { HandStep } from './steps'
import { ALL_SCHOOLS, keepsShape, type Make, type CostProfile, costProfileFor, shapely } from './schools'
import { thumbsOf } from './words'

/** One hand's line with all that its fingering is worked out from. */
export interface Task {
  readonly costProfile: CostProfile
  readonly material: Material
  readonly line: Line
  readonly run: Run
  readonly pins: readonly PlacedPin[]
  readonly fixed: readonly Condition[]
  /** Octave patterns whose thumbs lie in different places, best first; none where the line has no octave to repeat. */
  readonly rings: readonly RingFingering[]
  /** Shapes that the repeats of a figure may keep, or chords their fingers, best first; none where nothing repeats so. */
  readonly sequences: readonly Sequence[]
  readonly first: FirstFinger
}

function firstFingerOf(recipe: FingeredRecipe, material: Material, costProfile: CostProfile): FirstFinger {
  // the chromatic scale with 1 and 3 begins on 1 wherever the key is white
  if (costProfile.weights['white-without-thumb'] > 0) return 'thumb'
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

/** Whether a line is made of repeats that keep one shape, or of chords that keep theirs. */
function inShapes(
  { repeats: mode }: FingeredRecipe,
  { kind }: Material,
  line: Line,
  { pattern }: CostProfile,
): boolean {
  if (pattern === 'none') return false
  if (kind.texture === 'cadence') return true
  return mode === 'alike' && line.notes.length > 0 && line.notes.every(({ repeat }) => repeat !== undefined)
}

/** Shapes of a line around its pins; a repeat whose pins no one shape meets is left to them. */
function sequencesFor(
  costProfile: CostProfile,
  { kind }: Material,
  line: Line,
  pins: readonly PlacedPin[],
): Sequence[] {
  const fixed = new Map(pins.flatMap(({ fixes }) => fixes.map(({ index, finger }) => [index, finger])))
  if (fixed.size === 0) return solveSequence(costProfile, line, () => true, kind.inverts)
  const meets: Fits = ({ notes, keys }, struckFingers) =>
    notes.every((note) => {
      const finger = fixed.get(note)
      return finger === undefined || struckFingers[keys.indexOf(line.notes[note]!.midi)] === finger
    })
  const can = (unit: Unit): boolean =>
    allCombinations(line.hand, unit.keys.length).some((struckFingers) => meets(unit, struckFingers))
  return solveSequence(
    costProfile,
    line,
    (unit, struckFingers) => !can(unit) || meets(unit, struckFingers),
    kind.inverts,
  )
}

/** Notes to which the hand moves as a whole. */
const movesIn = (sequence: Sequence | undefined): ReadonlySet<number> | undefined =>
  sequence && !sequence.units[0]!.struck ? new Set(sequence.units.map(({ notes }) => notes[0]!)) : undefined

/** Single notes in octaves are taken by a small hand as by another: its pattern crosses no more often. */
const sizeFor = (recipe: FingeredRecipe, { kind }: Material, ringed: boolean): FingeredRecipe =>
  ringed && !kind.second && recipe.handSize === 'small' ? { ...recipe, handSize: 'average' } : recipe

/** The habit of a line, given the octave's pattern if there is one. */
export const habitFor =
  (task: Pick<Task, 'line' | 'first'>, ring: RingFingering) =>
  (steps: readonly HandStep[]): Habit =>
    habitOf(task.line.hand, steps, ring, task.first)

function profileOfLine(profile: CostProfile, habitual: boolean, inSequence: boolean): CostProfile {
  if (habitual) return profile
  return inSequence ? keepsShape(shapely(profile)) : shapely(profile)
}

/** @throws DomainError `pin.note`, `pin.degree`, `pin.conflict` */
export function taskOf(recipe: FingeredRecipe, material: Material, line: Line, make?: Make): Task {
  const pins = placedPins(recipe, line, material.up.length)
  const heldNote = line.free === 'held' && !hasChords(line)
  const positions = inPositions(recipe, material) || heldNote
  const ringed = repeats(material, line) && !positions && ALL_SCHOOLS[recipe.school].pattern !== 'none'
  const profile = costProfileFor(sizeFor(recipe, material, ringed), line.hand, material, make)
  const sequences =
    !ringed && inShapes(recipe, material, line, profile) ? sequencesFor(shapely(profile), material, line, pins) : []
  const costProfile = profileOfLine(profile, ringed || positions, sequences.length > 0)
  const fixed = ringed ? conditionsOf(pins) : []
  const withFixed = ringed ? solveRing(costProfile, line.hand, material, fixed) : []
  // pins that leave no pattern at all are reported as a conflict by the run; until then the usual pattern stands
  const rings = distinct(withFixed.length > 0 || !ringed ? withFixed : solveRing(costProfile, line.hand, material))
  const first = firstFingerOf(recipe, material, costProfile)
  const habit = (steps: readonly HandStep[]): Habit => {
    if (rings[0]) return habitOf(line.hand, steps, rings[0], first)
    if (sequences[0]) return fingersFrom(steps, fingersIn(sequences[0], line))
    return positions ? positionHabit(line.hand, steps) : steps.map(() => null)
  }
  const run = runOf(costProfile, line, habit, movesIn(sequences[0]))
  return { costProfile, material, line, run, pins, fixed, rings, sequences, first }
}
