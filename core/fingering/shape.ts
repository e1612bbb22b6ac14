import { isBlack, keyDistance } from '../surface'
import type { Finger, Hand } from '../study'
import { allCombinations, type StruckFingers } from './chords'
import { AT_REST, termCost, outward, spanCost, type Touch } from './cost'
import { type School, SEMITONE, UNEVEN } from './school'

/**
 * How a hand lies over its keys: over those of a chord struck at once, over those of one broken or of a figure, or over the
 * notes of a figure that goes on by twos.
 */
export type Lies = 'struck' | 'broken' | 'by-twos'

/** Keys that lie farther apart than steps of a scale: over a chord the open hand has its thumb with it, black key or not. */
const STEP = 2
const isOpen = (keys: readonly number[], lies: Lies): boolean =>
  lies === 'broken' && keys.length > 2 && keys.at(-1)! - keys[0]! > STEP * (keys.length - 1)

/** A hand's touches from its thumb's side outward. */
const inward = (hand: Hand, keys: readonly number[], struckFingers: StruckFingers): Touch[] =>
  keys.map((midi, voice) => ({ midi, finger: struckFingers[voice]! })).sort((a, b) => (a.midi - b.midi) * outward(hand))

/**
 * What it costs a hand to lie over some keys without moving, struck one after another or at once: the distance from the
 * hand at rest between neighbours, stretches, weak fingers; a thumb on a black key where the hand plays by step, or left
 * out elsewhere.
 * Infinity where it cannot.
 * @param lies struck at once, it lies over black keys as over white ones
 */
export function shapeCost(
  school: School,
  hand: Hand,
  keys: readonly number[],
  struckFingers: StruckFingers,
  lies: Lies,
): number {
  const touched = inward(hand, keys, struckFingers)
  let sum = 0
  touched.forEach((touch, at) => {
    const next = touched[at + 1]
    if (next) sum += apartCost(school, touch, next)
    const outermost = touched.at(-1)!
    // the whole hand must reach, whatever lies between
    if (spanCost(school, touch, outermost) === Infinity) sum = Infinity
    sum += termCost('weak-finger', WEAK[touch.finger], school)
  })
  if (lies === 'struck') return sum
  const [inner] = touched
  const open = isOpen(keys, lies)
  const black = isBlack(inner!.midi) && !open && school.weights['thumb-on-black'] > 0
  if (inner!.finger === 1) return sum + termCost('thumb-on-black', black ? BY_STEP : 0, school)
  return (
    sum +
    termCost('weak-finger', FARTHER * (inner!.finger - 2), school) +
    termCost('thumb-left-out', black ? 0 : 1, school)
  )
}

/** The thumb on a black key, of what it costs in a run of this school: more than another shape costs. */
const BY_STEP = 0.03

/**
 * Two neighbours under a shape: stretched by how far they really lie, misshapen by the interval alone, so that every key
 * is taken alike.
 */
function apartCost(school: School, a: Touch, b: Touch): number {
  if (spanCost(school, a, b) === Infinity) return Infinity
  const [lower, higher] = a.finger < b.finger ? [a.finger, b.finger] : [b.finger, a.finger]
  const beyond = Math.max(0, keyDistance(a.midi, b.midi) - school.reach[lower]![higher]! - UNEVEN)
  const off = Math.abs(SEMITONE * Math.abs(a.midi - b.midi) - AT_REST * (higher - lower)) * (lower === 1 ? 0.5 : 1)
  return termCost('stretch', beyond, school) + termCost('hand-shape', off, school)
}

/** Without the thumb, the fingers next to it come first. */
const FARTHER = 0.2

const WEAK: Readonly<Record<Finger, number>> = { 1: 0, 2: 0, 3: 0, 4: 0.3, 5: 0.2 }

/** Whether a hand can take two keys at once at all, whatever its fingers. */
export const spans = (school: School, low: number, high: number): boolean =>
  keyDistance(low, high) <= school.widest[1]![5]!

const MEMORY = new WeakMap<School, Map<string, readonly number[]>>()

/** What every shape costs over some keys, in the order of `allCombinations`; the same in every octave, and remembered. */
export function shapePrices(school: School, hand: Hand, keys: readonly number[], lies: Lies): readonly number[] {
  let known = MEMORY.get(school)
  if (!known) MEMORY.set(school, (known = new Map<string, readonly number[]>()))
  const low = keys[0]! - (keys[0]! % 12)
  const key = `${hand} ${lies} ${keys.map((midi) => midi - low).join(' ')}`
  const found = known.get(key)
  if (found) return found
  const prices = allCombinations(hand, keys.length).map((struckFingers) =>
    shapeCost(school, hand, keys, struckFingers, lies),
  )
  known.set(key, prices)
  return prices
}
