import type { Stick } from '../study'
import type { StickingSchoolId } from './settings'
import type { Pair, Severity } from './pairs'

/**
 * Everything that a school ranks: sticks crossed over a wide step; two strokes in a row with one hand, and whether they
 * cross the rows; each half step of the row that such a double reaches; sticks crossed over a half step between the rows;
 * each note that a double comes earlier in its octave than it could.
 */
type StickTerm = 'hard' | 'double' | 'row' | 'distance' | 'mild' | 'late'

/**
 * A school of sticking as data. Prices rank its terms: one of the dearer is worse than any number of the cheaper, as
 * long as a line has no more than some two hundred notes.
 */
export interface StickingSchool {
  readonly id: StickingSchoolId
  /** Terms from the dearest down; null where strokes are weighed by effort instead. */
  readonly order: readonly StickTerm[] | null
  readonly doubles: boolean
  /** Every tonic falls to the hand that leads. */
  readonly restores: boolean
}

/** No hard crossing, then as few doubles as can be, and those as easy and as late as can be; derived from the trade. */
const BY_EASE: readonly StickTerm[] = ['hard', 'double', 'row', 'distance', 'mild', 'late']

export const STICKING_SCHOOL_LIST: readonly StickingSchool[] = [
  {
    id: 'doubles',
    order: BY_EASE,
    doubles: true,
    restores: false,
  },
  {
    id: 'strict',
    order: BY_EASE,
    doubles: false,
    restores: false,
  },
  {
    id: 'restore-lead',
    order: ['double', 'hard', 'row', 'distance', 'mild', 'late'],
    doubles: true,
    restores: true,
  },
  {
    id: 'least-effort',
    order: null,
    doubles: true,
    restores: false,
  },
]

export const stickingSchoolOf = (id: StickingSchoolId): StickingSchool =>
  STICKING_SCHOOL_LIST.find((school) => school.id === id)!

/** How often a term can count before it outweighs the next dearer one; whole numbers, exact up to their product. */
const ROOM: Record<StickTerm, number> = {
  hard: 2 ** 8,
  double: 2 ** 7,
  row: 2 ** 7,
  distance: 2 ** 11,
  mild: 2 ** 8,
  late: 2 ** 11,
}

/** Prices of an order's terms: each as dear as all that the cheaper ones can come to. */
export function pricesOf(order: readonly StickTerm[]): Record<StickTerm, number> {
  const prices = { ...ROOM }
  let price = 1
  for (const term of [...order].reverse()) {
    prices[term] = price
    price *= ROOM[term]
  }
  return prices
}

/**
 * Effort in points: defaults of ours, to be tuned, since nobody has measured them. A double costs 1, 0.6 more across
 * the rows and 0.3 for each natural pitch beyond the neighbour; doubles grow with the speed, as strokes a second
 * over six. A crossing costs 0.15 where it is trivial, 0.3 where it is mild, 2 and 0.3 for each pitch beyond one and a
 * half where it is hard.
 */
const EFFORT = {
  double: 1,
  rows: 0.6,
  pitch: 0.3,
  speed: 6,
  trivial: 0.15,
  mild: 0.3,
  hard: 2,
  wider: 0.3,
  /** Bars so narrow that the shafts clear each other: half the price. */
  clears: 0.5,
} as const

export const doubleEffort = ({ distance, rows }: Pair, perSecond: number): number =>
  ((EFFORT.double + (rows ? EFFORT.rows : 0) + EFFORT.pitch * Math.max(0, distance - 1)) * perSecond) / EFFORT.speed

export const crossingEffort = ({ distance }: Pair, severity: Severity, clears: boolean): number => {
  const own = severity === 'hard' ? EFFORT.hard + EFFORT.wider * (distance - 1.5) : EFFORT[severity]
  return severity === 'hard' && clears ? own * EFFORT.clears : own
}

export const otherStick = (stick: Stick): Stick => (stick === 'R' ? 'L' : 'R')
