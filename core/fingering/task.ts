import type { Material } from '../material'
import { hasChords, type Line, WALK_ROWS } from '../study'
import type { FingeredRecipe } from './settings'
import { allCombinations } from './chords'
import { type FirstFinger, type Habit, habitOf, positionHabit } from './habit'
import { type KeyStretch, linesIn, rangesOf, type StepRange } from './keys'
import { conditionsOf, type PlacedPin, placedPins } from './pins'
import { type Condition, type RingFingering, solveRing } from './ring'
import { fingersFrom, type Run, runOf } from './run'
import {
  type Fits,
  fingersIn,
  goingOn,
  joinedSequences,
  type Sequence,
  shifted,
  solveSequence,
  type Unit,
} from './sequence'
import type { HandStep } from './steps'
import { ALL_SCHOOLS, keepsPattern, keepsShape, type Make, type CostProfile, costProfileFor, shapely } from './schools'
import { thumbsOf } from './words'

/** A stretch in one key with the octave patterns that it may keep. */
export interface KeyFingers extends StepRange {
  readonly material: Material
  readonly over: number
  readonly costProfile: CostProfile
  readonly fixed: readonly Condition[]
  /** Octave patterns whose thumbs lie in different places, best first; none where there is no octave to repeat. */
  readonly rings: readonly RingFingering[]
  readonly first: FirstFinger
}

/** One hand's line with all that its fingering is worked out from. */
export interface Task {
  readonly costProfile: CostProfile
  readonly line: Line
  readonly run: Run
  readonly pins: readonly PlacedPin[]
  /** Its keys, one after another. */
  readonly keys: readonly KeyFingers[]
  /** Whether the line follows octave patterns. */
  readonly ringed: boolean
  /** Shapes that the repeats of a figure may keep, or chords their fingers, best first; none where nothing repeats so. */
  readonly sequences: readonly Sequence[]
}

/** The key in which a step lies. */
export const keyAt = ({ keys }: Pick<Task, 'keys'>, step: number): KeyFingers =>
  keys.findLast(({ from }) => from <= step) ?? keys[0]!

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
  return mode !== 'as-it-lies' && line.notes.length > 0 && line.notes.every(({ repeat }) => repeat !== undefined)
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

/** What comes back from farther on each time takes the fingers of the whole line, unless it is fingered as it lies. */
const growsBy = ({ pattern, repeats: mode }: FingeredRecipe): boolean =>
  WALK_ROWS[pattern.walk].grows === true && mode !== 'as-it-lies'

/** Notes to which the hand moves as a whole; over a joint it goes on as over any other two notes. */
const movesIn = (sequence: Sequence | undefined, joints: ReadonlySet<number>): ReadonlySet<number> | undefined => {
  if (!sequence || sequence.units[0]!.lies === 'struck') return undefined
  return new Set(sequence.units.flatMap(({ notes: [first] }) => (joints.has(first!) ? [] : [first!])))
}

/** Single notes in octaves are taken by a small hand as by another: its pattern crosses no more often. */
const sizeFor = (recipe: FingeredRecipe, { kind }: Material, ringed: boolean): FingeredRecipe =>
  ringed && !kind.second && recipe.handSize === 'small' ? { ...recipe, handSize: 'average' } : recipe

/** The habit of a line in which a key takes another of its patterns. */
export const habitWith = (
  { line, run, keys }: Pick<Task, 'line' | 'run' | 'keys'>,
  key: KeyFingers,
  ring: RingFingering,
): Habit =>
  keys.flatMap((each) => {
    const own = run.steps.slice(each.from, each.to)
    return each === key ? habitOf(line.hand, own, { ...each, ring }) : run.habit.slice(each.from, each.to)
  })

function profileOfLine(profile: CostProfile, habitual: boolean, inSequence: boolean): CostProfile {
  if (habitual) return profile
  return inSequence ? keepsShape(shapely(profile)) : shapely(profile)
}

/** The octave patterns of one key. */
function ringsOf(
  recipe: FingeredRecipe,
  { material, over }: KeyStretch,
  { hand, pins, make }: { hand: Line['hand']; pins: readonly PlacedPin[]; make: Make | undefined },
) {
  const costProfile = costProfileFor(sizeFor(recipe, material, true), hand, material, make)
  const degrees = material.up.length
  // pins count degrees of the key itself, the pattern those of the key whose fingers it keeps
  const fixed = conditionsOf(pins).flatMap((condition) =>
    condition.degree < degrees ? [{ ...condition, degree: (condition.degree + over) % degrees }] : [],
  )
  const withFixed = solveRing(costProfile, hand, material, fixed)
  // pins that leave no pattern at all are reported as a conflict by the run; until then the usual pattern stands
  const rings = distinct(withFixed.length > 0 ? withFixed : solveRing(costProfile, hand, material))
  return { costProfile, fixed, rings, first: firstFingerOf(recipe, material, costProfile) }
}

/** Every key's shapes for its repeats, as shapes of the whole; none where one key has none. */
function shapesOver(
  recipe: FingeredRecipe,
  costProfile: CostProfile,
  line: Line,
  stretches: readonly KeyStretch[],
  pins: readonly PlacedPin[],
): Sequence[] {
  const found = linesIn(line, stretches).map((own, at) => {
    const { material } = stretches[at]!
    if (!inShapes(recipe, material, own.line, costProfile)) return []
    const within = pinsWithin(pins, own.from, own.line.notes.length)
    return sequencesFor(shapely(costProfile), material, own.line, within).map((each) => shifted(each, own.from, at))
  })
  if (found.some((each) => each.length === 0)) return []
  const all = joinedSequences(found)
  if (recipe.repeats !== 'by-step') return all
  const fixed = new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))
  return all.map((each) => goingOn(each, line, fixed))
}

/** Pins of a stretch, its notes counted by themselves. */
const pinsWithin = (pins: readonly PlacedPin[], from: number, count: number): PlacedPin[] =>
  pins.flatMap((pin) => {
    const fixes = pin.fixes
      .filter(({ index }) => index >= from && index < from + count)
      .map((fix) => ({ ...fix, index: fix.index - from }))
    return fixes.length > 0 ? [{ ...pin, fixes }] : []
  })

/** @throws DomainError `pin.note`, `pin.degree`, `pin.conflict` */
export function taskOf(recipe: FingeredRecipe, stretches: readonly KeyStretch[], line: Line, make?: Make): Task {
  const { material } = stretches[0]!
  const { hand } = line
  const pins = placedPins(recipe, line, Math.max(...stretches.map((each) => each.material.up.length)))
  const heldNote = line.free === 'held' && !hasChords(line)
  const positions = inPositions(recipe, material) || heldNote
  const ringed = repeats(material, line) && !positions && ALL_SCHOOLS[recipe.school].pattern !== 'none'
  const profile = costProfileFor(sizeFor(recipe, material, ringed), hand, material, make)
  const sequences = ringed ? [] : shapesOver(recipe, profile, line, stretches, pins)
  const growing = growsBy(recipe)
  const habitual = growing ? keepsPattern(profile) : profile
  const costProfile = profileOfLine(habitual, ringed || positions, sequences.length > 0)
  const patterns = stretches.map((stretch) => (ringed ? ringsOf(recipe, stretch, { hand, pins, make }) : NO_PATTERN))
  const habit = (steps: readonly HandStep[]): Habit => {
    if (ringed) {
      return rangesOf(steps, stretches).flatMap(({ from, to }, at) => {
        const { rings, first } = patterns[at]!
        return habitOf(hand, steps.slice(from, to), { ring: rings[0]!, over: stretches[at]!.over, first })
      })
    }
    if (sequences[0]) return fingersFrom(steps, fingersIn(sequences[0], line))
    return positions ? positionHabit(hand, steps) : steps.map(() => null)
  }
  const joints = new Set(stretches.slice(1).map(({ from }) => from))
  const run = runOf(costProfile, line, habit, movesIn(sequences[0], joints), joints, growing)
  const ranges = rangesOf(run.steps, stretches)
  const keys = stretches.map(({ over, material: own }, at): KeyFingers => ({
    ...{ over, material: own, costProfile },
    ...patterns[at]!,
    ...ranges[at]!,
  }))
  return { costProfile, line, run, pins, keys, ringed, sequences }
}

const NO_PATTERN = { fixed: [], rings: [], first: 'pattern' } as const
