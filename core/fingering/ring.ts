import { type Problem, solve } from '../assign'
import type { Material } from '../material'
import { modulo, pitchClass } from '../pitch'
import { type Finger, type Hand, type Leg, octaveOf } from '../study'
import { isBlack } from '../surface'
import { allHolds, type Hold, holdCost, holdsOf, moveCost, numberOf } from './chords'
import { charge, crampCost, outward, spanCost, stepCost, type Tally, touchCost } from './cost'
import { gripTable, insideTable, moveTable } from './memo'
import { FINGERS, type School, type Term } from './school'
import type { Manner } from './schools'

/** The pattern of one octave: the fingers of each degree going up and coming down. */
export interface RingFingering {
  readonly up: readonly Hold[]
  readonly down: readonly Hold[]
  readonly cost: number
}

/** Fingers on one degree: on the way up and, in a two-way form, on the way down. */
interface Degree {
  readonly up: Hold
  readonly down: Hold
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

function ringOf(material: Material): Ring {
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

/** What a finger costs on a key of the ring by itself: the school's habits about places. */
function placeCost(school: School, hand: Hand, keys: Keys, at: number, hold: Hold, tally?: Tally): number {
  if (hold.length > 1) return holdCost(school, keys[at]!, hold, tally)
  const [midi, finger] = [keys[at]![0]!, hold[0]!]
  const whiteTonic = !isBlack(keys[0]![0]!)
  const likeWhite = whiteTonic || keys.every(([key]) => isBlack(key!))
  const fourthFromTonic = modulo(3 * outward(hand), keys.length)
  const longGripFirst = keys.length > 4 && whiteTonic && finger === 4 && at === fourthFromTonic
  return (
    touchCost(school, hand, { midi, finger }, tally) +
    charge('tonic-without-thumb', at === 0 && finger !== 1 && likeWhite ? 1 : 0, school, tally) +
    charge('four-before-three', longGripFirst ? 1 : 0, school, tally) +
    charge('little-finger-inside', finger === 5 ? 1 : 0, school, tally)
  )
}

/** What two degrees in succession cost. */
function linkCost(school: School, hand: Hand, keys: Keys, at: number, a: Hold, b: Hold, tally?: Tally): number {
  const [from, to] = [keysOn(keys, at), keysOn(keys, at + 1)]
  if (a.length > 1) {
    if (tally) moveCost(school, hand, { keys: from, hold: a }, { keys: to, hold: b }, tally)
    return moveTable(school, hand, from, to)[numberOf(a) * allHolds(hand, b.length).length + numberOf(b)]!
  }
  const [first, second] = [from[0]!, to[0]!]
  if (tally) {
    const touched = [
      { midi: first, finger: a[0]! },
      { midi: second, finger: b[0]! },
    ] as const
    stepCost(school, hand, ...touched, tally)
    crampCost(school, hand, ...touched, tally)
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
  [a, b, c]: readonly [Hold, Hold, Hold],
  tally?: Tally,
): number {
  const [first, middle, last] = [keysOn(keys, at)[0]!, keysOn(keys, at + 1)[0]!, keysOn(keys, at + 2)[0]!]
  const cost = gripTable(school, hand, first, middle, last)[25 * (a[0]! - 1) + 5 * (b[0]! - 1) + c[0]! - 1]!
  if (tally && cost > 0) spanCost(school, { midi: first, finger: a[0]! }, { midi: last, finger: c[0]! }, tally)
  return cost
}

function degreesOf(school: School, hand: Hand, ring: Ring): Degree[] {
  const fingers = ring.chords ? FINGERS : school.inside
  const holds = holdsOf(hand, ring.up[0]!.length, fingers)
  if (!ring.twoWay) return holds.map((hold) => ({ up: hold, down: hold }))
  return holds.flatMap((up) => holds.map((down) => ({ up, down })))
}

const meets = ({ degree, leg, finger, not }: Condition, at: number, { up, down }: Degree): boolean => {
  if (at !== degree) return true
  const holds = (leg === 'both' ? [up, down] : leg === 'up' ? [up] : [down]).map((hold) => hold[0] === finger)
  return not ? !holds.some(Boolean) : holds.every(Boolean)
}

/** The ring as a problem for the solver. Two-way forms carry both directions at once, since each looks at the other. */
function ringProblem(
  school: School,
  hand: Hand,
  ring: Ring,
  conditions: readonly Condition[],
  tallies?: Readonly<Record<Leg, Tally>>,
): Problem<Degree> {
  const legs: Leg[] = ring.twoWay ? ['up', 'down'] : ['up']
  const all = degreesOf(school, hand, ring)
  const sum = (cost: (leg: Leg) => number) => legs.reduce((total, leg) => total + cost(leg), 0)
  const problem: Problem<Degree> = {
    length: ring.up.length,
    cyclic: true,
    states: (at) =>
      conditions.length === 0 ? all : all.filter((each) => conditions.every((one) => meets(one, at, each))),
    one: (at, degree) =>
      sum((leg) => placeCost(school, hand, ring[leg], at, degree[leg], tallies?.[leg])) +
      charge('moved-thumb', degree.up[0] === 1 && degree.down[0] !== 1 ? 1 : 0, school, tallies?.up),
    two: (at, a, b) => sum((leg) => linkCost(school, hand, ring[leg], at, a[leg], b[leg], tallies?.[leg])),
  }
  if (ring.chords) return problem
  return {
    ...problem,
    three: (at, a, b, c) =>
      sum((leg) => gripCost(school, hand, ring[leg], at, [a[leg], b[leg], c[leg]], tallies?.[leg])),
  }
}

const MEMORY = new Map<string, readonly RingFingering[]>()
const MOST_REMEMBERED = 4000
/** Patterns looked at, so that enough of them differ in their thumbs and not only in another finger. */
const LOOKED_AT = 16
const FEW = 6

/** Double notes of a two-way form are solved one way and the other: their thumbs move on every note as it is. */
function found(school: School, hand: Hand, ring: Ring, k: number, conditions: readonly Condition[]): RingFingering[] {
  if (ring.twoWay && ring.chords) {
    const way = (keys: Keys, leg: Leg) =>
      found(
        school,
        hand,
        { ...ring, up: keys, down: keys, twoWay: false },
        k,
        conditions.filter((each) => each.leg === 'both' || each.leg === leg).map((each) => ({ ...each, leg: 'both' })),
      )
    const downs = way(ring.down, 'down')
    return way(ring.up, 'up').map((up, at) => {
      const down = downs[Math.min(at, downs.length - 1)]!
      return { up: up.up, down: down.up, cost: up.cost + down.cost }
    })
  }
  return solve(ringProblem(school, hand, ring, conditions), k).map(({ states, cost }) => ({
    up: states.map((degree) => degree.up),
    down: states.map((degree) => degree.down),
    cost,
  }))
}

function search(manner: Manner, hand: Hand, material: Material, k: number, conditions: readonly Condition[]) {
  const own = ringOf(material)
  const ring = manner.pattern === 'as-on-c' ? onC(own, material) : own
  const asked = conditions.map(({ degree, leg, finger, not }) => `${degree} ${leg} ${finger} ${not ?? ''}`)
  const key = [manner.key, hand, ring.up.join(' '), ring.down.join(' '), k, ...asked].join('|')
  const known = MEMORY.get(key)
  if (known) return known
  const answer = found(manner, hand, ring, k, conditions)
  if (MEMORY.size >= MOST_REMEMBERED) MEMORY.clear()
  MEMORY.set(key, answer)
  return answer
}

/**
 * The best octave patterns for a hand, cheapest first. The ring depends on nothing but the keys, the hand, the school
 * with its settings and what is fixed by degree, so answers are remembered.
 */
export const solveRing = (
  manner: Manner,
  hand: Hand,
  material: Material,
  fixed: readonly Condition[] = [],
): readonly RingFingering[] => search(manner, hand, material, material.kind.second ? FEW : LOOKED_AT, fixed)

const hasThumb = (ring: RingFingering, { degree, leg }: Pick<Condition, 'degree' | 'leg'>): boolean =>
  (leg !== 'down' && ring.up[degree]![0] === 1) || (leg !== 'up' && ring.down[degree]![0] === 1)

/** The best octave pattern whose thumb stays off a degree; undefined where no hand does without. */
export function rivalRing(
  manner: Manner,
  hand: Hand,
  material: Material,
  fixed: readonly Condition[],
  place: Pick<Condition, 'degree' | 'leg'>,
): RingFingering | undefined {
  const among = solveRing(manner, hand, material, fixed).find((ring) => !hasThumb(ring, place))
  return among ?? search(manner, hand, material, 1, [...fixed, { ...place, finger: 1, not: true }])[0]
}

/** One charge against a ring fingering: what for, how much, and at which degree. */
export interface RingCharge {
  readonly term: Term
  readonly cost: number
  readonly degree: number
  readonly leg: Leg
}

/** Everything that a ring fingering pays, degree by degree; sums to its cost. */
export function ringCharges(manner: Manner, hand: Hand, material: Material, fingering: RingFingering): RingCharge[] {
  const charges: RingCharge[] = []
  const own = ringOf(material)
  const ring = manner.pattern === 'as-on-c' ? onC(own, material) : own
  let degree = 0
  const tally =
    (leg: Leg): Tally =>
    (term, cost) =>
      charges.push({ term, cost, degree, leg })
  const problem = ringProblem(manner, hand, ring, [], { up: tally('up'), down: tally('down') })
  const states = fingering.up.map((up, at) => ({ up, down: fingering.down[at]! }))
  const state = (at: number) => states[at % states.length]!
  for (degree = 0; degree < states.length; degree++) {
    problem.one(degree, state(degree))
    problem.two(degree, state(degree), state(degree + 1))
    problem.three?.(degree, state(degree), state(degree + 1), state(degree + 2))
  }
  return charges
}
