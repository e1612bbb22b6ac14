import type { Crossing } from '../fingering'
import type { Finger } from '../study'

/** One hand of a study as this module needs it; both hands have a note at every step. */
export interface HandPart {
  readonly fingers: readonly Finger[]
  readonly crossings: readonly Crossing[]
}

/** Where the hands meet and where they cross; all numbers are steps, counted from 0. */
export interface Together {
  /** Both thumbs. */
  readonly thumbs: readonly number[]
  /** Both third fingers. */
  readonly thirds: readonly number[]
  readonly crossings: {
    readonly right: readonly number[]
    readonly left: readonly number[]
    /** Steps on which both hands land a crossing. */
    readonly both: readonly number[]
  }
}

/** Compares two hands note by note. */
export function togetherOf(right: HandPart, left: HandPart): Together {
  const bothTake = (finger: Finger): number[] =>
    right.fingers.flatMap((other, step) => (other === finger && left.fingers[step] === finger ? [step] : []))
  const landings = (part: HandPart): number[] => part.crossings.map((crossing) => crossing.index)
  const [byRight, byLeft] = [landings(right), landings(left)]
  return {
    thumbs: bothTake(1),
    thirds: bothTake(3),
    crossings: { right: byRight, left: byLeft, both: byRight.filter((step) => byLeft.includes(step)) },
  }
}
