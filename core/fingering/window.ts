import type { Problem } from '../solver'
import type { StruckFingers } from './chords'

/** A stretch of a line that is solved by itself, what lies around it being fixed: from a step to another, both within. */
export interface Window {
  readonly from: number
  readonly to: number
}

/** Prices look at three steps: so many fixed ones on either side belong to a stretch. */
const BESIDE = 2

/** Stretches of steps that are free, each with what it is priced against. */
export function windowsOf(length: number, isFree: (at: number) => boolean): Window[] {
  const windows: { from: number; to: number }[] = []
  for (let at = 0; at < length; at++) {
    if (!isFree(at)) continue
    const [from, to] = [Math.max(0, at - BESIDE), Math.min(length - 1, at + BESIDE)]
    const last = windows.at(-1)
    if (last && from <= last.to) last.to = to
    else windows.push({ from, to })
  }
  return windows
}

/** A problem's steps within a window, counted from 0. */
export function within(problem: Problem<StruckFingers>, { from, to }: Window): Problem<StruckFingers> {
  const { three } = problem
  return {
    length: to - from + 1,
    states: (at) => problem.states(from + at),
    one: (at, struckFingers) => problem.one(from + at, struckFingers),
    two: (at, a, b) => problem.two(from + at, a, b),
    ...(three ? { three: (at, a, b, c) => three(from + at, a, b, c) } : {}),
  }
}
