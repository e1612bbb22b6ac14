import { isBlack, keyDistance } from '../surface'
import type { Finger, Hand } from '../study'
import type { School, Term } from './school'

/** Called with each cost term as it is added; used to explain a fingering after it is found. */
export type CostListener = (term: Term, cost: number) => void

/** A key under a finger. */
export interface Touch {
  readonly midi: number
  readonly finger: Finger
}

/** Towards the little finger is up for the right hand and down for the left. */
export const outward = (hand: Hand): 1 | -1 => (hand === 'right' ? 1 : -1)

/** How one note follows another: within a grip, past the thumb, or with one finger on both. */
export function passage(hand: Hand, a: Touch, b: Touch): 'grip' | 'pass' | 'same' | 'impossible' {
  if (a.midi === b.midi || a.finger === b.finger) return 'same'
  const [inner, outer] = (b.midi - a.midi) * outward(hand) > 0 ? [a, b] : [b, a]
  if (inner.finger < outer.finger) return 'grip'
  return outer.finger === 1 ? 'pass' : 'impossible'
}

/** Physical cost of two touches in succession, in either order; Infinity where no hand does it. */
export function stepCost(school: School, hand: Hand, a: Touch, b: Touch, onCost?: CostListener): number {
  const way = passage(hand, a, b)
  if (way === 'grip') return gripCost(school, a, b, onCost)
  if (way === 'pass') return passCost(school, hand, a, b, onCost)
  return way === 'same' ? sameCost(school, a, b, onCost) : Infinity
}

const NEIGHBOURS = 22
/** From a black key a finger slides to the white one beside it. */
export const isSlide = (from: number, to: number): boolean =>
  isBlack(from) && !isBlack(to) && keyDistance(from, to) < NEIGHBOURS

/** One key again, or one finger again: a slide from black to the white key beside it, if the school has it. */
function sameCost(school: School, a: Touch, b: Touch, onCost?: CostListener): number {
  if (a.midi === b.midi) return termCost('finger-change', a.finger === b.finger ? 0 : 1, school, onCost)
  return school.slides && isSlide(a.midi, b.midi) ? termCost('slide', 1, school, onCost) : Infinity
}

const MINOR_THIRD = 3

function gripCost(school: School, a: Touch, b: Touch, onCost?: CostListener): number {
  const between = Math.max(0, Math.abs(a.finger - b.finger) - 1)
  const three = Math.min(a.finger, b.finger) === 3 && Math.max(a.finger, b.finger) === 4
  const third = three && Math.abs(a.midi - b.midi) >= MINOR_THIRD
  return (
    termCost('skipped-finger', between, school, onCost) +
    termCost('third-and-fourth', third ? 1 : 0, school, onCost) +
    spanCost(school, a, b, onCost)
  )
}

/**
 * What it costs to leave fingers out within a grip where the keys leave them no room. Not counted where a run ends or
 * turns: there the hand need not go on.
 */
export function crampCost(school: School, hand: Hand, a: Touch, b: Touch, onCost?: CostListener): number {
  if (passage(hand, a, b) !== 'grip' || keyDistance(a.midi, b.midi) >= school.skipRoom) return 0
  return termCost('cramped', Math.max(0, Math.abs(a.finger - b.finger) - 1), school, onCost)
}

/** How much less the thumb is cramped beside a finger: it moves freely under the hand. */
const FREE_THUMB = 0.08
/** As many fingers may lie between: the thumb does not come close to the little finger. */
const NEAR_THUMB = 2

/** The same near a joint, where the hand closes for a moment: the thumb is hardly in the way. */
export function looseCost(school: School, hand: Hand, a: Touch, b: Touch, onCost?: CostListener): number {
  if (passage(hand, a, b) !== 'grip' || keyDistance(a.midi, b.midi) >= school.skipRoom) return 0
  const skipped = Math.max(0, Math.abs(a.finger - b.finger) - 1)
  const free = (a.finger === 1 || b.finger === 1) && skipped <= NEAR_THUMB
  return termCost('cramped', (free ? FREE_THUMB : 1) * skipped, school, onCost)
}

/** What it costs to hold two touches in one grip, neighbours or not; Infinity beyond the widest that a hand can. */
export function spanCost(school: School, a: Touch, b: Touch, onCost?: CostListener): number {
  if (a.finger === b.finger) return 0
  const [lower, higher] = a.finger < b.finger ? [a.finger, b.finger] : [b.finger, a.finger]
  const distance = keyDistance(a.midi, b.midi)
  if (distance > school.widest[lower]![higher]!) return Infinity
  return (
    termCost('stretch', Math.max(0, distance - school.reach[lower]![higher]!), school, onCost) +
    termCost('hand-shape', shapeOff(distance, lower, higher), school, onCost)
  )
}

/** How far two touches are from the hand at rest; the thumb moves freely, so with it half as much counts. */
const shapeOff = (distance: number, lower: number, higher: number): number =>
  Math.abs(distance - AT_REST * (higher - lower)) * (lower === 1 ? 0.5 : 1)

/** From one fingertip to the next when the hand rests on white keys, mm. */
export const AT_REST = 23.5

function passCost(school: School, hand: Hand, a: Touch, b: Touch, onCost?: CostListener): number {
  const finger = (b.midi - a.midi) * outward(hand) > 0 ? a : b
  const distance = keyDistance(a.midi, b.midi)
  if (distance > school.widestPass) return Infinity
  return (
    termCost('pass', 1, school, onCost) +
    termCost('pass-at-white', isBlack(finger.midi) ? 0 : 1, school, onCost) +
    termCost('pass-by-two', finger.finger === 2 ? 1 : 0, school, onCost) +
    termCost('pass-by-five', finger.finger === 5 ? 1 : 0, school, onCost) +
    termCost('far-pass', Math.max(0, distance - school.passReach), school, onCost)
  )
}

/** What it costs to cross only to take the outermost note, where the hand need not go on. */
export function endCost(hand: Hand, school: School, inside: Touch, end: Touch, onCost?: CostListener): number {
  const outermost = (end.midi - inside.midi) * outward(hand) > 0
  return termCost('pass-at-end', outermost && passage(hand, inside, end) === 'pass' ? 1 : 0, school, onCost)
}

/** What it costs to lift the hand and set it down elsewhere, on another finger. */
export function shiftCost(school: School, a: Touch, b: Touch, onCost?: CostListener): number {
  if (a.finger === b.finger) return Infinity
  return termCost('shift', 1, school, onCost) + termCost('shift-distance', keyDistance(a.midi, b.midi), school, onCost)
}

/** Fingers of the groups of black keys: 2 3 on two, 2 3 4 on three, counted from each hand's thumb; by pitch class. */
const GROUP: Record<Hand, Readonly<Record<number, Finger>>> = {
  right: { 1: 2, 3: 3, 6: 2, 8: 3, 10: 4 },
  left: { 3: 2, 1: 3, 10: 2, 8: 3, 6: 4 },
}

/** What a finger costs on a key by itself, whatever the form: thumbs, fourths, groups and chromatic habits. */
export function touchCost(school: School, hand: Hand, { midi, finger }: Touch, onCost?: CostListener): number {
  const black = isBlack(midi)
  return (
    termCost('thumb-on-black', finger === 1 && black ? 1 : 0, school, onCost) +
    termCost('fourth-on-white', finger === 4 && !black ? 1 : 0, school, onCost) +
    termCost('third-in-triad', finger === 3 ? 1 : 0, school, onCost) +
    termCost('black-off-group', black && GROUP[hand][midi % 12] !== finger ? 1 : 0, school, onCost) +
    termCost('black-without-third', black && finger !== 3 ? 1 : 0, school, onCost) +
    termCost('white-without-thumb', !black && finger !== 1 ? 1 : 0, school, onCost)
  )
}

/** Weight times amount; the listener is called where it is anything at all. */
export function termCost(term: Term, amount: number, school: School, onCost?: CostListener): number {
  if (amount === 0) return 0
  const cost = school.weights[term] * amount
  if (cost > 0) onCost?.(term, cost)
  return cost
}
