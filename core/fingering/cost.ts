import { isBlack, keyDistance } from '../surface'
import type { Finger, Hand } from '../study'
import type { School, Term } from './school'

/** Told each term as it is charged; used to explain a fingering after it is found. */
export type Tally = (term: Term, cost: number) => void

/** A key under a finger. */
export interface Touch {
  readonly midi: number
  readonly finger: Finger
}

/** Towards the little finger is up for the right hand and down for the left. */
export const outward = (hand: Hand): 1 | -1 => (hand === 'right' ? 1 : -1)

/** How one note follows another: within a grip, or past the thumb. */
export function passage(hand: Hand, a: Touch, b: Touch): 'grip' | 'pass' | 'impossible' {
  if (a.midi === b.midi) return a.finger === b.finger ? 'grip' : 'impossible'
  const [inner, outer] = (b.midi - a.midi) * outward(hand) > 0 ? [a, b] : [b, a]
  if (inner.finger < outer.finger) return 'grip'
  return outer.finger === 1 && inner.finger > 1 ? 'pass' : 'impossible'
}

/** Physical cost of two touches in succession, in either order; Infinity where no hand does it. */
export function stepCost(school: School, hand: Hand, a: Touch, b: Touch, tally?: Tally): number {
  const way = passage(hand, a, b)
  if (way === 'impossible') return Infinity
  return way === 'grip' ? gripCost(school, a, b, tally) : passCost(school, hand, a, b, tally)
}

function gripCost(school: School, a: Touch, b: Touch, tally?: Tally): number {
  const between = Math.max(0, Math.abs(a.finger - b.finger) - 1)
  return charge('skipped-finger', between, school, tally) + spanCost(school, a, b, tally)
}

/**
 * What it costs to leave fingers out within a grip where the keys leave them no room. Not charged where a run ends or
 * turns: there the hand need not go on.
 */
export function crampCost(school: School, hand: Hand, a: Touch, b: Touch, tally?: Tally): number {
  if (passage(hand, a, b) !== 'grip' || keyDistance(a.midi, b.midi) >= school.skipRoom) return 0
  return charge('cramped', Math.max(0, Math.abs(a.finger - b.finger) - 1), school, tally)
}

/** What it costs to hold two touches in one grip, neighbours or not. */
export function spanCost(school: School, a: Touch, b: Touch, tally?: Tally): number {
  if (a.finger === b.finger) return 0
  const reach = school.reach[Math.min(a.finger, b.finger)]![Math.max(a.finger, b.finger)]!
  return charge('stretch', Math.max(0, keyDistance(a.midi, b.midi) - reach), school, tally)
}

function passCost(school: School, hand: Hand, a: Touch, b: Touch, tally?: Tally): number {
  const finger = (b.midi - a.midi) * outward(hand) > 0 ? a : b
  const over = Math.max(0, keyDistance(a.midi, b.midi) - school.passReach)
  return (
    charge('pass', 1, school, tally) +
    charge('pass-at-white', isBlack(finger.midi) ? 0 : 1, school, tally) +
    charge('pass-by-two', finger.finger === 2 ? 1 : 0, school, tally) +
    charge('pass-by-five', finger.finger === 5 ? 1 : 0, school, tally) +
    charge('far-pass', over, school, tally)
  )
}

/** Weight times amount, told to the tally where it is anything at all. */
export function charge(term: Term, amount: number, school: School, tally?: Tally): number {
  if (amount === 0) return 0
  const cost = school.weights[term] * amount
  tally?.(term, cost)
  return cost
}
