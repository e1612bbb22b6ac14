import type { Finger, Hand } from '../study'
import { allCombinations, moveCost } from './chords'
import { termCost, crampCost, looseCost, passage, spanCost, stepCost, type CostListener, type Touch } from './cost'
import { FINGERS, type School } from './school'

/**
 * Costs of neighbouring keys, worked out once for each school and hand. A keyboard repeats every octave, so what two or
 * three keys cost depends on the lowest one's place in the octave and the distances only.
 */
interface Memo {
  readonly steps: Map<number, Float64Array>
  readonly cramps: Map<number, Float64Array>
  readonly loose: Map<number, Float64Array>
  readonly insides: Map<number, Float64Array>
  readonly grips: Map<number, Float64Array>
  readonly freeGrips: Map<number, Float64Array>
  readonly moves: Map<string, Float64Array>
}

const MEMOS = new WeakMap<School, Record<Hand, Memo>>()

const fresh = (): Memo => ({
  steps: new Map(),
  cramps: new Map(),
  loose: new Map(),
  insides: new Map(),
  grips: new Map(),
  freeGrips: new Map(),
  moves: new Map(),
})

function memoOf(school: School, hand: Hand): Memo {
  let both = MEMOS.get(school)
  if (!both) MEMOS.set(school, (both = { right: fresh(), left: fresh() }))
  return both[hand]
}

/** A key between -128 and 127 semitones off, beside its neighbour's place in the octave. */
const place = (base: number, offset: number): number => base * 256 + offset + 128

/** Each pair of fingers at `5 * (first - 1) + second - 1`. */
function pairs(cost: (a: Finger, b: Finger) => number): Float64Array {
  return Float64Array.from(FINGERS.flatMap((a) => FINGERS.map((b) => cost(a, b))))
}

function remembered<K>(known: Map<K, Float64Array>, key: K, make: () => Float64Array): Float64Array {
  const found = known.get(key)
  if (found) return found
  const made = make()
  known.set(key, made)
  return made
}

const on = (midi: number, finger: Finger): Touch => ({ midi, finger })

/** `stepCost` of two keys by finger pair. */
export const stepTable = (school: School, hand: Hand, a: number, b: number): Float64Array =>
  remembered(memoOf(school, hand).steps, place(a % 12, b - a), () =>
    pairs((first, second) => stepCost(school, hand, on(a, first), on(b, second))),
  )

/** `crampCost` of two keys by finger pair. */
export const crampTable = (school: School, hand: Hand, a: number, b: number): Float64Array =>
  remembered(memoOf(school, hand).cramps, place(a % 12, b - a), () =>
    pairs((first, second) => crampCost(school, hand, on(a, first), on(b, second))),
  )

/** `looseCost` of two keys by finger pair. */
export const looseTable = (school: School, hand: Hand, a: number, b: number): Float64Array =>
  remembered(memoOf(school, hand).loose, place(a % 12, b - a), () =>
    pairs((first, second) => looseCost(school, hand, on(a, first), on(b, second))),
  )

/** Both together: what two keys cost inside a run. */
export const insideTable = (school: School, hand: Hand, a: number, b: number): Float64Array =>
  remembered(memoOf(school, hand).insides, place(a % 12, b - a), () => {
    const cramps = crampTable(school, hand, a, b)
    return stepTable(school, hand, a, b).map((cost, pair) => cost + cramps[pair]!)
  })

/** What three keys cost in one grip, 0 where they are not in one; by finger triple, first finger slowest. */
export const gripTable = (school: School, hand: Hand, a: number, b: number, c: number): Float64Array =>
  remembered(memoOf(school, hand).grips, place(place(a % 12, b - a), c - a), () => {
    const table = new Float64Array(125)
    let at = 0
    for (const first of FINGERS)
      for (const middle of FINGERS)
        for (const last of FINGERS) table[at++] = gripOf(school, hand, [on(a, first), on(b, middle), on(c, last)])
    return table
  })

/** The same where no pattern carries the hand along: a finger needed on two keys within three notes moves the hand. */
export const freeGripTable = (school: School, hand: Hand, a: number, b: number, c: number): Float64Array =>
  remembered(memoOf(school, hand).freeGrips, place(place(a % 12, b - a), c - a), () =>
    gripTable(school, hand, a, b, c).map(
      (cost, triple) => cost + handMoves(school, Math.floor(triple / 25), triple % 5),
    ),
  )

/** What it costs to need one finger on the first and the last of three notes; fingers counted from 0. */
export const handMoves = (school: School, first: number, last: number, onCost?: CostListener): number =>
  termCost('finger-again', first === last ? MOVED : 0, school, onCost)
/** There is a note's time to move, unlike in chords that follow at once. */
const MOVED = 0.5

function gripOf(school: School, hand: Hand, [first, middle, last]: readonly [Touch, Touch, Touch]): number {
  const oneGrip = passage(hand, first, middle) === 'grip' && passage(hand, middle, last) === 'grip'
  return oneGrip ? spanCost(school, first, last) : 0
}

/** `moveCost` between two chords, by the numbers of their struck fingers, the first slowest. */
export function moveTable(school: School, hand: Hand, from: readonly number[], to: readonly number[]): Float64Array {
  const low = from[0]! - (from[0]! % 12)
  const key = `${from.map((midi) => midi - low).join()}|${to.map((midi) => midi - low).join()}`
  return remembered(memoOf(school, hand).moves, key, () =>
    Float64Array.from(
      allCombinations(hand, from.length).flatMap((a) =>
        allCombinations(hand, to.length).map((b) =>
          moveCost(school, hand, { keys: from, struckFingers: a }, { keys: to, struckFingers: b }),
        ),
      ),
    ),
  )
}
