import type { Stick } from '../study'
import type { Pair } from './pairs'
import { otherStick } from './schools'
import type { Damping, Ring } from './settings'
import type { StrikeStep, Strokes } from './strokes'

/** Neighbours nearer than a minor third sound together as noise; wider ones as a chord, which may ring. Common practice. */
const CLASH = 2

/** A bar that is stopped with a mallet. */
export interface Damped {
  /** The note at whose stroke it is stopped. */
  readonly index: number
  /** The note that rang. */
  readonly of: number
  /** Which mallet is laid on it. */
  readonly stick: Stick
  /** Whether that mallet has to come for it: the one that struck the bar strikes on. */
  readonly follows: boolean
}

/** How a line rings: where the pedal has changed before a note, and which strokes are dead. */
export interface Ringing {
  readonly lifted: readonly boolean[]
  readonly dead: readonly boolean[]
}

type Steps = readonly StrikeStep[]

/** A line, as far as stopping its bars goes. */
interface Stopping {
  readonly recipe: { readonly ring: Ring }
  readonly steps: Steps
  readonly pairs: readonly (Pair | null)[]
  /** Between a step and the next: whether the first must be stopped as the next is struck. */
  readonly clashes: readonly boolean[]
}

/** Between which steps the first must be stopped, if anything is: it rings, and the next is its neighbour. */
export function clashes(steps: Steps, damping: Damping, { lifted, dead }: Ringing): boolean[] {
  return steps.slice(1).map((step, at) => {
    if (damping === 'none' || step.double || steps[at]!.double) return false
    const [own, next] = [steps[at]!.notes[0]!, step.notes[0]!]
    const apart = Math.abs(step.midi - steps[at]!.midi)
    return apart > 0 && apart <= CLASH && !lifted[next] && !dead[own]
  })
}

/**
 * Points of effort for a stop, ours: 0.2 where the mallet that struck the bar goes back on it; 0.5, and 0.3 for each
 * pitch that it comes from, where the other follows; 1 more where it is not done as the teacher wants it.
 */
const EFFORT = { back: 0.2, follow: 0.5, pitch: 0.3, unwanted: 1 } as const

/** Whether a stop is done as the teacher wants it. */
export const isWanted = ({ recipe }: Stopping, follows: boolean): boolean =>
  follows === (recipe.ring.damping === 'other-mallet')

/** What stopping the bar of a step costs while the next is struck. @param follows whether one hand strikes both */
export function dampingEffort(task: Stopping, at: number, follows: boolean): number {
  if (!task.clashes[at]) return 0
  const way = follows ? EFFORT.follow + EFFORT.pitch * (task.pairs[at - 1]?.distance ?? 0) : EFFORT.back
  return way + (isWanted(task, follows) ? 0 : EFFORT.unwanted)
}

/** In doubles, how much worse a stop is that is not done as the teacher wants it. */
const UNWANTED = 2
export const dampingRank = (task: Stopping, at: number, follows: boolean): number =>
  task.clashes[at] && !isWanted(task, follows) ? UNWANTED : 0

/** Which bars are stopped, and by which mallet: the one that does not strike. */
export function dampedBy({ steps, clashes: clash }: Stopping, strokes: readonly Strokes[]): Damped[] {
  return clash.flatMap((wanted, at): Damped[] => {
    const [own, next] = [strokes[at]!, strokes[at + 1]!]
    if (!wanted || own === 'LR' || next === 'LR') return []
    const [of, index] = [steps[at]!.notes[0]!, steps[at + 1]!.notes[0]!]
    return [{ index, of, stick: otherStick(next), follows: own === next }]
  })
}
