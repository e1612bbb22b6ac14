import type { Finger, Hand } from '../study'
import { passage, stepCost } from './cost'
import type { Run } from './run'

/** A place where the hand moves over or under its thumb. */
export interface Crossing {
  /** The note on which the crossing lands. */
  readonly index: number
  readonly kind: 'thumb-under' | 'over-thumb'
}

/** Crossings of a fingered line: onto the thumb (under) or from the thumb onto another finger (over). */
export function crossingsOf(hand: Hand, run: Pick<Run, 'steps'>, fingers: readonly Finger[]): Crossing[] {
  return run.steps.flatMap((step, at): Crossing[] => {
    const before = run.steps[at - 1]
    if (!before || step.fresh || before.keys.length !== step.keys.length) return []
    return step.notes.flatMap((index, voice): Crossing[] => {
      const from = { midi: before.keys[voice]!, finger: fingers[before.notes[voice]!]! }
      const here = { midi: step.keys[voice]!, finger: fingers[index]! }
      if (passage(hand, from, here) !== 'pass') return []
      return [{ index, kind: here.finger === 1 ? 'thumb-under' : 'over-thumb' }]
    })
  })
}

/** Notes before which the hand is lifted to a new place: where the form says so, or where nothing else reaches. */
export function liftsOf(run: Run, fingers: readonly Finger[]): number[] {
  const { school, line, steps } = run
  return steps.flatMap((step, at) => {
    const before = steps[at - 1]
    if (!before) return []
    if (step.fresh) return step.moved ? [] : [step.notes[0]!]
    if (!run.lifts || step.keys.length > 1 || before.keys.length > 1) return []
    const [from, here] = [
      { midi: before.keys[0]!, finger: fingers[before.notes[0]!]! },
      { midi: step.keys[0]!, finger: fingers[step.notes[0]!]! },
    ]
    return stepCost(school, line.hand, from, here) === Infinity ? [step.notes[0]!] : []
  })
}

/**
 * Notes on which a new grip begins: the first, each crossing and lift, and, in lines without an octave's pattern, each
 * note that needs a finger on another key than the one it lies on.
 */
export function gripsOf(
  run: Run,
  fingers: readonly Finger[],
  crossings: readonly Crossing[],
  lifts: readonly number[],
) {
  const begins = new Set([...crossings.map(({ index }) => index), ...lifts])
  const grips: number[] = []
  let lies = new Map<Finger, number>()
  run.steps.forEach((step, at) => {
    const moved = step.notes.some((note, voice) => {
      const key = lies.get(fingers[note]!)
      return run.habit[at] === null && key !== undefined && key !== step.keys[voice]
    })
    if (at === 0 || moved || step.moved || step.notes.some((note) => begins.has(note))) {
      grips.push(step.notes[0]!)
      lies = new Map()
    }
    step.notes.forEach((note, voice) => lies.set(fingers[note]!, step.keys[voice]!))
  })
  return grips
}
