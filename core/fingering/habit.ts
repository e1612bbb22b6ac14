import type { Hand } from '../study'
import { isBlack } from '../surface'
import { allCombinations, type StruckFingers } from './chords'
import { outward } from './cost'
import type { RingFingering } from './ring'
import type { HandStep } from './steps'

/** What the school's pattern gives each step of a line; null where there is no pattern. */
export type Habit = readonly (StruckFingers | null)[]

/** What a line begins with at the hand's inner side: the pattern's finger, 2 on a black key, or the thumb on a white one. */
export type FirstFinger = 'pattern' | 'two' | 'thumb'

/** An octave's pattern as a stretch of a line keeps it. */
interface OctaveHabit {
  readonly ring: RingFingering
  /** Degrees by which the stretch begins over the pattern. */
  readonly over: number
  readonly first: FirstFinger
}

/**
 * Spreads the octave's pattern over a line. With `two`, a course that begins or ends at the hand's inner side (right
 * hand's bottom, left hand's top) on a black key with 3 or 4 counts down to the first thumb instead: 4 1 becomes 2 1,
 * 3 4 1 becomes 2 3 1. With `thumb` a white key takes the thumb there. Turns keep the pattern.
 */
export function habitOf(
  hand: Hand,
  steps: readonly HandStep[],
  { ring, over, first }: OctaveHabit,
): (StruckFingers | null)[] {
  const { length } = ring.up
  const fingersByStep = steps.map((step) => ring[step.leg][(step.degree + over) % length]!)
  const links = steps.findIndex(({ link }) => !link)
  // what leads to the key is no beginning of its own
  if (links > 0) {
    const own = habitOf(hand, steps.slice(links), { ring, over, first })
    return [...fingersByStep.slice(0, links), ...own]
  }
  if (first === 'thumb') {
    for (const [end, step] of [
      [0, 1],
      [steps.length - 1, -1],
    ] as const) {
      if (isInner(hand, steps, end, step) && !isBlack(steps[end]!.keys[0]!)) fingersByStep[end] = THUMB
    }
  }
  if (first === 'two' && steps.every((step) => step.keys.length === 1)) {
    countFromTwo(hand, steps, fingersByStep, 0, 1)
    countFromTwo(hand, steps, fingersByStep, steps.length - 1, -1)
  }
  return fingersByStep
}

function countFromTwo(
  hand: Hand,
  steps: readonly HandStep[],
  fingersByStep: StruckFingers[],
  end: number,
  step: 1 | -1,
): void {
  const inner = isInner(hand, steps, end, step)
  if (inner && isBlack(steps[end]!.keys[0]!) && fingersByStep[end]![0]! >= 3) countToThumb(fingersByStep, end, step)
}

/** Whether a line begins or ends at the hand's inner side. */
function isInner(hand: Hand, steps: readonly HandStep[], end: number, step: 1 | -1): boolean {
  const [here, next] = [steps[end]?.keys[0], steps[end + step]?.keys[0]]
  return here !== undefined && next !== undefined && (next - here) * outward(hand) > 0
}

const THUMB = allCombinations('right', 1)[0]!

/** Rewrites the run from an end to its first thumb so that it begins on 2. */
function countToThumb(fingersByStep: StruckFingers[], end: number, step: number): void {
  let finger = 2
  for (let at = end; at >= 0 && at < fingersByStep.length && fingersByStep[at]![0] !== 1; at += step) {
    fingersByStep[at] = allCombinations('right', 1)[Math.min(finger++, 5) - 1]!
  }
}

/**
 * Positions of the hand: the keys that it plays without moving take successive fingers, the outermost key the little
 * finger; so five keys take 1 to 5, and four leave the thumb free.
 */
export function positionHabit(hand: Hand, steps: readonly HandStep[]): Habit {
  const stretches: HandStep[][] = []
  for (const step of steps) {
    if (stretches.length === 0 || step.fresh) stretches.push([])
    stretches.at(-1)!.push(step)
  }
  return stretches.flatMap((stretch) => {
    const keys = [...new Set(stretch.map((step) => step.keys[0]!))].sort((a, b) => (a - b) * outward(hand))
    return stretch.map(({ keys: [key] }) => allCombinations('right', 1)[4 - (keys.length - 1 - keys.indexOf(key!))]!)
  })
}
