import type { Crossing } from '../fingering'
import type { Finger, LineNote } from '../study'

/** One hand of a study as this module needs it; steps are shared by both hands. */
export interface HandPart {
  readonly notes: readonly Pick<LineNote, 'step' | 'midi' | 'degree' | 'repeat'>[]
  readonly fingers: readonly Finger[]
  readonly crossings: readonly Crossing[]
  readonly lifts?: readonly number[]
  readonly grips?: readonly number[]
  /** Where it plays buttons: there are no black keys among them. */
  readonly buttons?: readonly unknown[] | undefined
}

/** Where the hands meet and where they cross; all numbers are steps, counted from 0. */
export interface Together {
  /** Both thumbs. */
  readonly thumbs: readonly number[]
  /** Both third fingers. */
  readonly thirds: readonly number[]
  /** The same fingers in both hands. */
  readonly equal: readonly number[]
  /** Thumb and second finger against each other, changing places at the next step. */
  readonly pairs: readonly number[]
  readonly crossings: {
    readonly right: readonly number[]
    readonly left: readonly number[]
    /** Steps on which both hands land a crossing. */
    readonly both: readonly number[]
  }
  /** Steps on which a hand crosses straight after the other one did. */
  readonly following: readonly number[]
}

/** Fingers of a part by step. */
export function byStep(part: HandPart): Map<number, Finger[]> {
  const steps = new Map<number, Finger[]>()
  part.notes.forEach(({ step }, at) => steps.set(step, [...(steps.get(step) ?? []), part.fingers[at]!]))
  return steps
}

/** Steps on which a part lands a crossing. */
export const landings = (part: HandPart): number[] => [
  ...new Set(part.crossings.map(({ index }) => part.notes[index]!.step)),
]

/** Compares two hands step by step. */
export function togetherOf(right: HandPart, left: HandPart): Together {
  const [upper, lower] = [byStep(right), byStep(left)]
  const shared = [...upper.keys()].filter((step) => lower.has(step))
  const take = (step: number, one: Finger, other = one): boolean =>
    (upper.get(step)?.includes(one) && lower.get(step)?.includes(other)) ?? false
  const same = (step: number): boolean => String([...upper.get(step)!].sort()) === String([...lower.get(step)!].sort())
  const swaps = (step: number): boolean =>
    (take(step, 1, 2) && take(step + 1, 2, 1)) || (take(step, 2, 1) && take(step + 1, 1, 2))
  const [byRight, byLeft] = [landings(right), landings(left)]
  const after = (own: readonly number[], others: readonly number[]) =>
    own.filter((step) => others.includes(step - 1) && !others.includes(step))
  return {
    thumbs: shared.filter((step) => take(step, 1)),
    thirds: shared.filter((step) => take(step, 3)),
    equal: shared.filter(same),
    pairs: shared.filter(swaps),
    crossings: {
      right: byRight,
      left: byLeft,
      both: byRight.filter((step) => byLeft.includes(step)),
    },
    following: [...after(byRight, byLeft), ...after(byLeft, byRight)].sort((a, b) => a - b),
  }
}
