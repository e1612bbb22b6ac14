import { isBlack, keyAt, keyDistance } from '../surface'
import type { Finger, Hand } from '../study'
import { AT_REST, termCost, isSlide, outward, passage, type CostListener, type Touch } from './cost'
import { FINGERS, type School } from './school'

/** Fingers that a hand puts down at once, one for each key, lowest key first. */
export type StruckFingers = readonly Finger[]

const COMBINATIONS = new Map<string, readonly StruckFingers[]>()

/** Every way for a hand to take so many keys with some fingers: lower keys lie under the fingers nearer its low side. */
export function combinationsOf(hand: Hand, keys: number, fingers: readonly Finger[]): readonly StruckFingers[] {
  const key = `${hand} ${keys} ${fingers.join('')}`
  const known = COMBINATIONS.get(key)
  if (known) return known
  const choose = (from: number, left: number): Finger[][] => {
    if (left === 0) return [[]]
    return fingers.flatMap((finger, at) =>
      at < from ? [] : choose(at + 1, left - 1).map((others) => [finger, ...others]),
    )
  }
  const rising = choose(0, keys)
  const combinations = hand === 'right' ? rising : rising.map((struckFingers) => [...struckFingers].reverse())
  COMBINATIONS.set(key, combinations)
  return combinations
}

const ALL: Record<Hand, readonly (readonly StruckFingers[])[]> = {
  right: [0, 1, 2, 3, 4, 5].map((keys) => combinationsOf('right', keys, FINGERS)),
  left: [0, 1, 2, 3, 4, 5].map((keys) => combinationsOf('left', keys, FINGERS)),
}
/** Every way for a hand to take so many keys with all its fingers. */
export const allCombinations = (hand: Hand, keys: number): readonly StruckFingers[] => ALL[hand][keys]!

const NUMBERS = new Map<StruckFingers, number>()
for (const combinations of [...ALL.right, ...ALL.left])
  combinations.forEach((struckFingers, at) => NUMBERS.set(struckFingers, at))

/** Number of the struck fingers in `allCombinations`; a single finger's is the finger less one, in either hand. */
export const numberOf = (struckFingers: StruckFingers): number =>
  struckFingers.length === 1 ? struckFingers[0]! - 1 : numberOfChord(struckFingers)
const numberOfChord = (struckFingers: StruckFingers): number => NUMBERS.get(struckFingers) ?? -1

export const sameFingers = (a: StruckFingers, b: StruckFingers | null | undefined): boolean =>
  a === b || (a.length === b?.length && a.every((finger, at) => finger === b[at]))

const touches = (keys: readonly number[], struckFingers: StruckFingers): Touch[] =>
  keys.map((midi, voice) => ({ midi, finger: struckFingers[voice]! }))

/** Wider than this, chords take 4 on a black key rather than 5, mm. */
const WIDE = 150

/** Two keys a third apart, or less. */
const THIRD = 4
export const isThird = (keys: readonly number[]): boolean => keys.length === 2 && keys[1]! - keys[0]! <= THIRD
/** The thumb of a third lies on a black key for as long as its pair does: dearer than in a chord. */
const THUMB_IN_THIRD = 0.03

const isSixth = (keys: readonly number[]): boolean => keys.length === 2 && [8, 9].includes(keys[1]! - keys[0]!)
/** A hand whose second and fifth fingers reach less than this takes sixths with 1 and 5 throughout, mm. */
const SIXTH_REACH = 100
const isSmallForSixths = (school: School): boolean => school.chordReach[2]![5]! < SIXTH_REACH
/** Sixths are taken by turns with 1 4 and 2 5, 1 3 where it helps. What others cost, and 1 3. */
const OTHER_SIXTH = 0.5
const HELPING = 0.15

/** How far a pair of fingers is from the school's for a third or a sixth. */
function unlikePair(school: School, keys: readonly number[], struckFingers: StruckFingers): number {
  const apart = Math.abs(struckFingers.at(-1)! - struckFingers[0]!)
  if (isThird(keys)) return Math.abs(apart - 2)
  if (!isSixth(keys)) return 0
  if (isSmallForSixths(school)) return apart === 4 ? 0 : OTHER_SIXTH
  if (apart === 2 && struckFingers.includes(1)) return HELPING
  return apart === 3 ? 0 : OTHER_SIXTH
}

const isOctave = (keys: readonly number[]): boolean => keys.length === 2 && keys[1]! - keys[0]! === 12

/**
 * What it costs to hold a chord: stretches, thumbs on black, the little finger on black in wide chords; pairs of
 * fingers that do not fit a third.
 */
export function struckCost(
  school: School,
  keys: readonly number[],
  struckFingers: StruckFingers,
  onCost?: CostListener,
): number {
  const held = touches(keys, struckFingers)
  const thumb = isThird(keys) ? THUMB_IN_THIRD : THUMB_IN_CHORD
  let sum = 0
  for (let low = 0; low < held.length; low++) {
    const { midi, finger } = held[low]!
    // a chord's thumb lies where the chord is; black is only a little awkward there
    sum += termCost('thumb-on-black', finger === 1 && isBlack(midi) ? thumb : 0, school, onCost)
    for (let high = low + 1; high < held.length; high++) sum += reachCost(school, held[low]!, held[high]!, onCost)
    const next = held[low + 1]
    if (next) sum += chordGap(school, held[low]!, next, onCost)
  }
  sum += termCost('double-shape', unlikePair(school, keys, struckFingers), school, onCost)
  if (!isWide(keys)) return sum
  const fives = held.filter(({ midi, finger }) => finger === 5 && isBlack(midi)).length
  const fours = held.filter(({ midi, finger }) => finger === 4 && !isBlack(midi)).length
  return sum + termCost('five-on-black', fives, school, onCost) + termCost('fourth-on-white', fours, school, onCost)
}

const isWide = (keys: readonly number[]): boolean => keyDistance(keys[0]!, keys.at(-1)!) >= WIDE

function reachCost(school: School, a: Touch, b: Touch, onCost?: CostListener): number {
  const [lower, higher] = a.finger < b.finger ? [a.finger, b.finger] : [b.finger, a.finger]
  const distance = keyDistance(a.midi, b.midi)
  if (distance > school.widest[lower]![higher]!) return Infinity
  return termCost('stretch', Math.max(0, distance - school.chordReach[lower]![higher]!), school, onCost)
}

const THUMB_IN_CHORD = 0.006

/** Fingers left out between neighbours of a chord, or squeezed. */
function chordGap(school: School, a: Touch, b: Touch, onCost?: CostListener): number {
  const between = Math.abs(a.finger - b.finger) - 1
  const spare = keyDistance(a.midi, b.midi) / AT_REST - 1 - between
  const amount = spare < 0 ? SQUEEZE * Math.max(0, -spare - 0.5) : Math.max(0, spare - 0.5)
  return termCost('chord-opened', amount, school, onCost)
}

const SQUEEZE = 16

/** Where the hand lies, by its thumb, mm; a chord's fingers agree more or less. */
function handPlace(hand: Hand, keys: readonly number[], struckFingers: StruckFingers): number {
  const places = keys.map((midi, voice) => keyAt(midi).x - outward(hand) * AT_REST * (struckFingers[voice]! - 1))
  return places.reduce((sum, place) => sum + place, 0) / places.length
}

/** What it costs to go from one chord (or note) to another: fingers needed again, voices crossed, the hand carried. */
export function moveCost(
  school: School,
  hand: Hand,
  from: { keys: readonly number[]; struckFingers: StruckFingers },
  to: { keys: readonly number[]; struckFingers: StruckFingers },
  onCost?: CostListener,
): number {
  // octaves are carried by the arm, key by key
  if (isOctave(from.keys) && isOctave(to.keys)) return 0
  const [before, after] = [touches(from.keys, from.struckFingers), touches(to.keys, to.struckFingers)]
  const [again, changed] = reused(before, after)
  const stays = before.some((a) => after.some((b) => a.midi === b.midi && a.finger === b.finger))
  const carried = stays
    ? 0
    : Math.abs(handPlace(hand, from.keys, from.struckFingers) - handPlace(hand, to.keys, to.struckFingers))
  return (
    termCost('finger-again', again * wholeHand(school, to.keys), school, onCost) +
    termCost('finger-change', changed, school, onCost) +
    termCost('shift-distance', carried, school, onCost) +
    voicesCost(school, hand, before, after, onCost) +
    (before.length === 2 && after.length === 2 ? outerCost(school, hand, before, after, onCost) : 0)
  )
}

/** Two keys that are taken with the whole hand, the same fingers again: octaves, and sixths in a small hand. */
const isWhole = (school: School, keys: readonly number[]): boolean =>
  isWide(keys) || (isSixth(keys) && isSmallForSixths(school))

/** Chords of three, octaves and what else is taken with the whole hand: fingers come again as a matter of course. */
function wholeHand(school: School, keys: readonly number[]): number {
  if (keys.length > 2) return 0
  return isWhole(school, keys) ? 0.02 : 1
}
/** A finger that goes over to the other voice has a little more time than one that stays in its own. */
const OTHER_VOICE = 0.4

/** Fingers needed again at once on other keys, and fingers that change on a key struck again. */
function reused(before: readonly Touch[], after: readonly Touch[]): [again: number, changed: number] {
  let [again, changed] = [0, 0]
  before.forEach((a, voice) =>
    after.forEach((b, next) => {
      if (a.midi === b.midi) changed += a.finger === b.finger ? 0 : 1
      else if (a.finger === b.finger) again += voice === next ? 1 : OTHER_VOICE
    }),
  )
  return [again, changed]
}

/**
 * The outer voice of double notes is the one that is bound: its finger is never needed on two keys running, but for a
 * slide from a black key to its white neighbour; and a finger passes over an outer one only onto a pair with the thumb.
 */
function outerCost(
  school: School,
  hand: Hand,
  before: readonly Touch[],
  after: readonly Touch[],
  onCost?: CostListener,
): number {
  const outer = (pair: readonly Touch[]): Touch => (hand === 'right' ? pair[1]! : pair[0]!)
  const [a, b] = [outer(before), outer(after)]
  if (a.midi === b.midi) return 0
  if (a.finger === b.finger) {
    if (isSmallForSixths(school) && [before, after].every((pair) => isSixth(pair.map(({ midi }) => midi)))) return 0
    return termCost(isSlide(a.midi, b.midi) ? 'outer-slide' : 'outer-again', 1, school, onCost)
  }
  const outwards = (b.midi - a.midi) * outward(hand) > 0
  const passes = outwards ? b.finger < a.finger : b.finger > a.finger
  const inner = outwards ? after : before
  const onThumb = inner.some(({ finger }) => finger === 1)
  return termCost('voice-crossed', passes && !onThumb ? OVER : 0, school, onCost)
}
/** How many voices' worth it is to pass over an outer finger without the thumb. */
const OVER = 20

/** Voices counted from the outer side, where the melody lies. */
function voicesCost(
  school: School,
  hand: Hand,
  before: readonly Touch[],
  after: readonly Touch[],
  onCost?: CostListener,
): number {
  let crossed = 0
  for (let voice = 0; voice < Math.min(before.length, after.length); voice++) {
    const at = (touched: readonly Touch[]) => touched[hand === 'right' ? touched.length - 1 - voice : voice]!
    const way = passage(hand, at(before), at(after))
    if (way === 'impossible') crossed++
    if (way === 'pass') crossed += 0.5
  }
  return termCost('voice-crossed', crossed, school, onCost)
}
