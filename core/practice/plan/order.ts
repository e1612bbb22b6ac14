import { sameUnderHand } from '../likeness'
import type { Making, Slot } from './making'

/** Puts slots so that each is as unlike the one before it as may be; where all are as like, in the order in which they came. */
function unlike({ targets }: Making, slots: readonly Slot[], before: Slot | undefined): Slot[] {
  const left = [...slots]
  const ordered: Slot[] = []
  while (left.length > 0) {
    const last = ordered.at(-1) ?? before
    const like = ({ study }: Slot): number => (last ? sameUnderHand(targets[last.study]!, targets[study]!) : 0)
    const next = left.reduce((best, slot) => (like(slot) < like(best) ? slot : best))
    ordered.push(next)
    left.splice(left.indexOf(next), 1)
  }
  return ordered
}

/** A day in the order in which it is played: what is asked cold before anything warms it, then the rest; likes do not follow each other. */
export function interleaved(making: Making, slots: readonly Slot[]): Slot[] {
  const tests = unlike(
    making,
    slots.filter(({ test }) => test),
    undefined,
  )
  return [
    ...tests,
    ...unlike(
      making,
      slots.filter(({ test }) => !test),
      tests.at(-1),
    ),
  ]
}
