import { type Problem, solve } from '../assign'
import type { Material } from '../material'
import { modulo, pitchClass } from '../pitch'
import type { Finger, Hand } from '../study'
import { isBlack } from '../surface'
import { charge, crampCost, outward, passage, spanCost, stepCost, type Tally } from './cost'
import type { School, Term } from './school'

/** The pattern of one octave: the finger of each degree going up and coming down. */
export interface RingFingering {
  readonly up: readonly Finger[]
  readonly down: readonly Finger[]
  readonly cost: number
}

/** Fingers on one degree: on the way up and, in a two-way form, on the way down. */
interface Degree {
  readonly up: Finger
  readonly down: Finger
}

/** Direction of play; two-way forms have other notes on the way down. */
export type Way = 'up' | 'down'

/** The octave as a ring of keys; the last degree is followed by the tonic an octave on. */
interface Ring {
  readonly up: readonly number[]
  readonly down: readonly number[]
  readonly twoWay: boolean
}

const INSIDE: readonly Finger[] = [1, 2, 3, 4]
const MIDDLE_OCTAVE = 60

function risingKeys(classes: readonly number[]): number[] {
  const tonic = MIDDLE_OCTAVE + classes[0]!
  return classes.map((pc) => tonic + modulo(pc - classes[0]!, 12))
}

function ringOf(material: Material): Ring {
  const up = risingKeys(material.up.map(pitchClass))
  const down = risingKeys(material.down.map(pitchClass))
  return { up, down, twoWay: up.some((key, at) => key !== down[at]) }
}

/** The key at a place counted past the ring's end, octaves added. */
const keyOn = (keys: readonly number[], at: number): number =>
  keys[at % keys.length]! + 12 * Math.floor(at / keys.length)

/** What a finger costs on a key of the ring by itself: the school's habits about places. */
function placeCost(
  school: School,
  hand: Hand,
  keys: readonly number[],
  at: number,
  finger: Finger,
  tally?: Tally,
): number {
  const black = isBlack(keys[at]!)
  const whiteTonic = !isBlack(keys[0]!)
  const likeWhite = whiteTonic || keys.every(isBlack)
  const fourthFromTonic = modulo(3 * outward(hand), keys.length)
  const longGripFirst = keys.length > 4 && whiteTonic && finger === 4 && at === fourthFromTonic
  return (
    charge('thumb-on-black', finger === 1 && black ? 1 : 0, school, tally) +
    charge('tonic-without-thumb', at === 0 && finger !== 1 && likeWhite ? 1 : 0, school, tally) +
    charge('fourth-on-white', finger === 4 && !black ? 1 : 0, school, tally) +
    charge('four-before-three', longGripFirst ? 1 : 0, school, tally)
  )
}

/** The ring as a problem for the solver. Two-way forms carry both directions at once, since each looks at the other. */
function ringProblem(
  school: School,
  hand: Hand,
  ring: Ring,
  allowed: (at: number, degree: Degree) => boolean,
  tallies?: Readonly<Record<Way, Tally>>,
): Problem<Degree> {
  const ways: Way[] = ring.twoWay ? ['up', 'down'] : ['up']
  const all: Degree[] = ring.twoWay
    ? INSIDE.flatMap((up) => INSIDE.map((down) => ({ up, down })))
    : INSIDE.map((finger) => ({ up: finger, down: finger }))
  const touch = (way: Way, at: number, degree: Degree) => ({
    midi: keyOn(ring[way], at),
    finger: degree[way],
  })
  const sum = (cost: (way: Way) => number) => ways.reduce((total, way) => total + cost(way), 0)
  return {
    length: ring.up.length,
    cyclic: true,
    states: (at) => all.filter((degree) => allowed(at, degree)),
    one: (at, degree) =>
      sum((way) => placeCost(school, hand, ring[way], at, degree[way], tallies?.[way])) +
      charge('moved-thumb', degree.up === 1 && degree.down !== 1 ? 1 : 0, school, tallies?.up),
    two: (at, a, b) =>
      sum((way) => {
        const [first, second] = [touch(way, at, a), touch(way, at + 1, b)]
        const tally = tallies?.[way]
        return stepCost(school, hand, first, second, tally) + crampCost(school, hand, first, second, tally)
      }),
    three: (at, a, b, c) =>
      sum((way) => {
        const [first, middle, last] = [touch(way, at, a), touch(way, at + 1, b), touch(way, at + 2, c)]
        const oneGrip = passage(hand, first, middle) === 'grip' && passage(hand, middle, last) === 'grip'
        return oneGrip ? spanCost(school, first, last, tallies?.[way]) : 0
      }),
  }
}

/** Which thumbs a ring fingering is not allowed to use; used to price the runner-up of a crossing. */
interface Forbidden {
  readonly degree: number
  readonly way: Way | 'both'
}

const hasThumb = ({ up, down }: Degree, way: Forbidden['way']): boolean =>
  (way !== 'down' && up === 1) || (way !== 'up' && down === 1)

const MEMORY = new Map<string, readonly RingFingering[]>()
const MOST_REMEMBERED = 2000
/** Patterns looked at, so that enough of them differ in their thumbs and not only in another finger. */
const LOOKED_AT = 16

function search(school: School, hand: Hand, ring: Ring, k: number, forbidden?: Forbidden): readonly RingFingering[] {
  const key = [school.id, hand, ring.up, ring.down, forbidden?.degree, forbidden?.way].join('|')
  const known = MEMORY.get(key)
  if (known) return known
  const allowed = (at: number, degree: Degree): boolean => at !== forbidden?.degree || !hasThumb(degree, forbidden.way)
  const found = solve(ringProblem(school, hand, ring, allowed), k).map(({ states, cost }): RingFingering => ({
    up: states.map((degree) => degree.up),
    down: states.map((degree) => degree.down),
    cost,
  }))
  if (MEMORY.size >= MOST_REMEMBERED) MEMORY.clear()
  MEMORY.set(key, found)
  return found
}

/**
 * The best octave patterns for a hand, cheapest first. The ring depends on nothing but the keys, the hand and the
 * school, so answers are remembered.
 */
export const solveRing = (school: School, hand: Hand, material: Material): readonly RingFingering[] =>
  search(school, hand, ringOf(material), LOOKED_AT)

/** The best octave pattern whose thumb stays off a degree; undefined where no hand does without. */
export function rivalRing(
  school: School,
  hand: Hand,
  material: Material,
  degree: number,
  way: Way | 'both',
): RingFingering | undefined {
  const known = solveRing(school, hand, material)
  const among = known.find(({ up, down }) => !hasThumb({ up: up[degree]!, down: down[degree]! }, way))
  return among ?? search(school, hand, ringOf(material), 1, { degree, way })[0]
}

/** One charge against a ring fingering: what for, how much, and at which degree. */
export interface RingCharge {
  readonly term: Term
  readonly cost: number
  readonly degree: number
  readonly way: Way
}

/** Everything that a ring fingering pays, degree by degree; sums to its cost. */
export function ringCharges(
  school: School,
  hand: Hand,
  material: Material,
  fingering: RingFingering,
): readonly RingCharge[] {
  const charges: RingCharge[] = []
  let degree = 0
  const tally =
    (way: Way): Tally =>
    (term, cost) =>
      charges.push({ term, cost, degree, way })
  const problem = ringProblem(school, hand, ringOf(material), () => true, { up: tally('up'), down: tally('down') })
  const states = fingering.up.map((up, at) => ({ up, down: fingering.down[at]! }))
  const state = (at: number) => states[at % states.length]!
  for (degree = 0; degree < states.length; degree++) {
    problem.one(degree, state(degree))
    problem.two(degree, state(degree), state(degree + 1))
    problem.three?.(degree, state(degree), state(degree + 1), state(degree + 2))
  }
  return charges
}
