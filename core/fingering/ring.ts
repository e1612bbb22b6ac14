import { type Problem, type Solution, solve } from '../solver'
import type { Material } from '../material'
import { modulo, pitchClass } from '../pitch'
import { type Finger, type Hand, type Leg, octaveOf } from '../study'
import { isBlack } from '../surface'
import { allCombinations, type StruckFingers, struckCost, combinationsOf, moveCost, numberOf } from './chords'
import { termCost, crampCost, outward, spanCost, stepCost, type CostListener, touchCost } from './cost'
import { gripTable, insideTable, moveTable } from './memo'
import { BEYOND, FINGERS, type School, type Term } from './school'
import type { CostProfile } from './schools'

/** The pattern of one octave: the fingers of each degree going up and coming down. */
export interface RingFingering {
  readonly up: readonly StruckFingers[]
  readonly down: readonly StruckFingers[]
  readonly cost: number
}

/** Keys of each degree, lowest first. */
type Keys = readonly (readonly number[])[]

/** The octave as a ring of keys; the last degree is followed by the first an octave on. */
interface Ring {
  readonly up: Keys
  readonly down: Keys
  readonly twoWay: boolean
  readonly chords: boolean
}

/** A finger that must (or must not) stand on a degree. */
export interface Condition {
  readonly degree: number
  readonly leg: Leg | 'both'
  readonly finger: Finger
  readonly not?: boolean
}

const MIDDLE_OCTAVE = 60

const RINGS = new WeakMap<Material, Ring>()

function ringOf(material: Material): Ring {
  let ring = RINGS.get(material)
  if (!ring) RINGS.set(material, (ring = madeRing(material)))
  return ring
}

function madeRing(material: Material): Ring {
  const tonic = MIDDLE_OCTAVE + pitchClass(material.tonic)
  const keys = (leg: Leg): Keys => octaveOf(material, leg).map((sounds) => sounds.map((semitones) => tonic + semitones))
  const [up, down] = [keys('up'), keys('down')]
  return { up, down, twoWay: String(up) !== String(down), chords: up[0]!.length > 1 }
}

/** The same form on C, for the school that fingers every key alike. */
const onC = (ring: Ring, material: Material): Ring => {
  const lower = (keys: Keys): Keys => keys.map((chord) => chord.map((midi) => midi - pitchClass(material.tonic)))
  return { ...ring, up: lower(ring.up), down: lower(ring.down) }
}

/** A key of the ring counted past its end, octaves added. */
const keysOn = (keys: Keys, at: number): readonly number[] => {
  const octave = Math.floor(at / keys.length)
  const here = keys[at % keys.length]!
  return octave === 0 ? here : here.map((midi) => midi + 12 * octave)
}

/** The key on the thumb's side. */
const innerKey = (hand: Hand, keys: readonly number[]): number => (hand === 'right' ? keys[0]! : keys.at(-1)!)
/** A run of double notes begins on a pair with the thumb, less strictly than one of single notes. */
const PAIR = 0.2

/** What a finger costs on a key of the ring by itself: the school's habits about places. */
function placeCost(
  school: School,
  hand: Hand,
  keys: Keys,
  at: number,
  struckFingers: StruckFingers,
  onCost?: CostListener,
): number {
  if (struckFingers.length > 1) {
    const whiteTonic = struckFingers.length === 2 && at === 0 && !isBlack(innerKey(hand, keys[0]!))
    const unlike = whiteTonic && !struckFingers.includes(1) ? PAIR : 0
    return (
      struckCost(school, keys[at]!, struckFingers, onCost) + termCost('tonic-without-thumb', unlike, school, onCost)
    )
  }
  const [midi, finger] = [keys[at]![0]!, struckFingers[0]!]
  const whiteTonic = !isBlack(keys[0]![0]!)
  const likeWhite = whiteTonic || keys.every(([key]) => isBlack(key!))
  const fourthFromTonic = modulo(3 * outward(hand), keys.length)
  const longGripFirst = keys.length > 4 && whiteTonic && finger === 4 && at === fourthFromTonic
  return (
    touchCost(school, hand, { midi, finger }, onCost) +
    termCost('tonic-without-thumb', at === 0 && finger !== 1 && likeWhite ? 1 : 0, school, onCost) +
    termCost('four-before-three', longGripFirst ? 1 : 0, school, onCost) +
    termCost('little-finger-inside', finger === 5 ? 1 : 0, school, onCost)
  )
}

/** What two degrees in succession cost. */
function linkCost(
  school: School,
  hand: Hand,
  keys: Keys,
  at: number,
  a: StruckFingers,
  b: StruckFingers,
  onCost?: CostListener,
): number {
  const [from, to] = [keysOn(keys, at), keysOn(keys, at + 1)]
  if (a.length > 1) {
    if (onCost) moveCost(school, hand, { keys: from, struckFingers: a }, { keys: to, struckFingers: b }, onCost)
    return moveTable(school, hand, from, to)[numberOf(a) * allCombinations(hand, b.length).length + numberOf(b)]!
  }
  const [first, second] = [from[0]!, to[0]!]
  if (onCost) {
    const touched = [
      { midi: first, finger: a[0]! },
      { midi: second, finger: b[0]! },
    ] as const
    stepCost(school, hand, ...touched, onCost)
    crampCost(school, hand, ...touched, onCost)
  }
  const pair = 5 * (a[0]! - 1) + b[0]! - 1
  return insideTable(school, hand, first, second)[pair]!
}

/** What three degrees in one grip cost. */
function gripCost(
  school: School,
  hand: Hand,
  keys: Keys,
  at: number,
  [a, b, c]: readonly [StruckFingers, StruckFingers, StruckFingers],
  onCost?: CostListener,
): number {
  const [first, middle, last] = [keysOn(keys, at)[0]!, keysOn(keys, at + 1)[0]!, keysOn(keys, at + 2)[0]!]
  const cost = gripTable(school, hand, first, middle, last)[25 * (a[0]! - 1) + 5 * (b[0]! - 1) + c[0]! - 1]!
  if (onCost && cost > 0) spanCost(school, { midi: first, finger: a[0]! }, { midi: last, finger: c[0]! }, onCost)
  return cost
}

const combinationsFor = (school: School, hand: Hand, ring: Ring): readonly StruckFingers[] =>
  combinationsOf(hand, ring.up[0]!.length, ring.chords ? FINGERS : school.inside)

/** A finger that is wanted stands on the lower note of a double one; one that is not wanted stands on neither. */
function meets({ degree, leg, finger, not }: Condition, own: Leg, at: number, struckFingers: StruckFingers): boolean {
  if (at !== degree || (leg !== 'both' && leg !== own)) return true
  return not ? !struckFingers.includes(finger) : struckFingers[0] === finger
}

/** One leg of the ring as a problem for the solver. */
function legProblem(
  school: School,
  hand: Hand,
  ring: Ring,
  leg: Leg,
  conditions: readonly Condition[],
  onCost?: CostListener,
): Problem<StruckFingers> {
  const keys = ring[leg]
  const all = combinationsFor(school, hand, ring)
  const allowed = (at: number, struckFingers: StruckFingers): boolean =>
    conditions.every((one) => meets(one, leg, at, struckFingers))
  const problem: Problem<StruckFingers> = {
    length: keys.length,
    cyclic: true,
    states: (at) => (conditions.length === 0 ? all : all.filter((struckFingers) => allowed(at, struckFingers))),
    one: (at, struckFingers) => placeCost(school, hand, keys, at, struckFingers, onCost),
    two: (at, a, b) => linkCost(school, hand, keys, at, a, b, onCost),
  }
  if (ring.chords) return problem
  return { ...problem, three: (at, a, b, c) => gripCost(school, hand, keys, at, [a, b, c], onCost) }
}

/** Whether a degree of a two-way form has the thumb going up and not coming down. Double notes move it as it is. */
const movesThumb = (up: StruckFingers, down: StruckFingers): boolean => up.length === 1 && up[0] === 1 && down[0] !== 1

/**
 * The best patterns of a leg; those that a school rules out only where it has no two others. Prices are never negative,
 * so what costs less than `BEYOND` in all has no finger that costs more by itself: such fingers are left out first.
 */
function bestOfLeg(problem: Problem<StruckFingers>, k: number): Solution<StruckFingers>[] {
  const sensible = {
    ...problem,
    states: (at: number) => problem.states(at).filter((struckFingers) => problem.one(at, struckFingers) < BEYOND),
  }
  const found = solve(sensible, k).filter(({ cost }) => cost < BEYOND)
  return found.length >= Math.min(k, 2) ? found : solve(problem, k)
}

/** What thumbs that move between the legs of a pattern cost. */
const movedCost = (school: School, up: readonly StruckFingers[], down: readonly StruckFingers[]): number =>
  termCost('moved-thumb', up.filter((struckFingers, degree) => movesThumb(struckFingers, down[degree]!)).length, school)

/**
 * The best pairs of a way up and a way down: both legs are solved by themselves and paired, since they only share the
 * price of moved thumbs. Exact: what was not paired costs at least the last of one leg with the best of the other.
 */
function pairedLegs(
  school: School,
  ups: Solution<StruckFingers>[],
  downs: Solution<StruckFingers>[],
  full: number,
  k: number,
) {
  const [upMost, downMost] = [ups, downs].map((some) => (some.length < full ? Infinity : some.at(-1)!.cost))
  const bound = Math.min(upMost! + (downs[0]?.cost ?? 0), downMost! + (ups[0]?.cost ?? 0))
  const pairs = ups.flatMap((up) =>
    downs.map((down) => ({
      up: up.states,
      down: down.states,
      cost: up.cost + down.cost + movedCost(school, up.states, down.states),
    })),
  )
  const sorted = pairs.sort((a, b) => a.cost - b.cost)
  return { found: sorted.filter(({ cost }) => cost <= bound).slice(0, k), whole: bound === Infinity }
}

function found(school: School, hand: Hand, ring: Ring, k: number, conditions: readonly Condition[]): RingFingering[] {
  const leg = (which: Leg, count: number) => bestOfLeg(legProblem(school, hand, ring, which, conditions), count)
  if (!ring.twoWay) return leg('up', k).map(({ states, cost }) => ({ up: states, down: states, cost }))
  for (let each = 8; ; each *= 2) {
    const { found: pairs, whole } = pairedLegs(school, leg('up', each), leg('down', each), each, k)
    if (pairs.length === k || whole) return pairs
  }
}

const MEMORY = new Map<string, readonly RingFingering[]>()
const MAX_REMEMBERED = 4000
/** Patterns looked at, so that enough of them differ in their thumbs and not only in another finger. */
const LOOKED_AT = 12
/** Double notes have so many states that fewer are looked at. */
const FEW = 6

const lookedAt = ({ kind }: Material): number => (kind.second ? FEW : LOOKED_AT)

function search(costProfile: CostProfile, hand: Hand, material: Material, k: number, conditions: readonly Condition[]) {
  const own = ringOf(material)
  const ring = costProfile.pattern === 'as-on-c' ? onC(own, material) : own
  const conditionKeys = conditions.map(({ degree, leg, finger, not }) => `${degree} ${leg} ${finger} ${not ?? ''}`)
  const key = [costProfile.key, hand, ring.up.join(' '), ring.down.join(' '), k, ...conditionKeys].join('|')
  const known = MEMORY.get(key)
  if (known) return known
  const answer = found(costProfile, hand, ring, k, conditions)
  if (MEMORY.size >= MAX_REMEMBERED) MEMORY.clear()
  MEMORY.set(key, answer)
  return answer
}

/**
 * The best octave patterns for a hand, cheapest first. The ring depends on nothing but the keys, the hand, the school
 * with its settings and what is fixed by degree, so answers are remembered.
 */
export const solveRing = (
  costProfile: CostProfile,
  hand: Hand,
  material: Material,
  fixed: readonly Condition[] = [],
): readonly RingFingering[] => search(costProfile, hand, material, lookedAt(material), fixed)

const hasThumb = (ring: RingFingering, { degree, leg }: Pick<Condition, 'degree' | 'leg'>): boolean =>
  (leg !== 'down' && ring.up[degree]!.includes(1)) || (leg !== 'up' && ring.down[degree]!.includes(1))

/** The best octave pattern whose thumb stays off a degree; undefined where no hand does without. */
export function rivalRing(
  costProfile: CostProfile,
  hand: Hand,
  material: Material,
  fixed: readonly Condition[],
  place: Pick<Condition, 'degree' | 'leg'>,
): RingFingering | undefined {
  const among = solveRing(costProfile, hand, material, fixed).find((ring) => !hasThumb(ring, place))
  return among ?? search(costProfile, hand, material, 1, [...fixed, { ...place, finger: 1, not: true }])[0]
}

/** One charge against a ring fingering: what for, how much, and at which degree. */
interface RingCostTerm {
  readonly term: Term
  readonly cost: number
  readonly degree: number
  readonly leg: Leg
}

const CHARGES = new WeakMap<RingFingering, readonly RingCostTerm[]>()

/**
 * Everything that a ring fingering pays, degree by degree; sums to its cost. Remembered with the fingering, which
 * belongs to one school, hand and row of keys.
 */
export function ringCostTerms(
  costProfile: CostProfile,
  hand: Hand,
  material: Material,
  fingering: RingFingering,
): readonly RingCostTerm[] {
  let costTerms = CHARGES.get(fingering)
  if (!costTerms) CHARGES.set(fingering, (costTerms = chargedTo(costProfile, hand, material, fingering)))
  return costTerms
}

function chargedTo(costProfile: CostProfile, hand: Hand, material: Material, fingering: RingFingering): RingCostTerm[] {
  const costTerms: RingCostTerm[] = []
  const own = ringOf(material)
  const ring = costProfile.pattern === 'as-on-c' ? onC(own, material) : own
  for (const leg of ring.twoWay ? (['up', 'down'] as const) : (['up'] as const)) {
    let degree = 0
    const problem = legProblem(costProfile, hand, ring, leg, [], (term, cost) =>
      costTerms.push({ term, cost, degree, leg }),
    )
    const fingersByStep = fingering[leg]
    const struckFingers = (at: number) => fingersByStep[at % fingersByStep.length]!
    for (degree = 0; degree < fingersByStep.length; degree++) {
      problem.one(degree, struckFingers(degree))
      problem.two(degree, struckFingers(degree), struckFingers(degree + 1))
      problem.three?.(degree, struckFingers(degree), struckFingers(degree + 1), struckFingers(degree + 2))
    }
  }
  if (!ring.twoWay) return costTerms
  const cost = costProfile.weights['moved-thumb']
  const moved = fingering.up.flatMap((up, degree) => (movesThumb(up, fingering.down[degree]!) ? [degree] : []))
  return [...costTerms, ...moved.map((degree): RingCostTerm => ({ term: 'moved-thumb', cost, degree, leg: 'up' }))]
}
