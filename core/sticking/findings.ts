import type { Stick } from '../study'
import { type Severity, severityOf } from './pairs'
import { effortBetween, isInverted, type StickTask, type Strokes, strokesFrom } from './task'

/** Two notes of which the lower is the right stick's and the upper the left's. */
export interface Inversion {
  /** The second note of the two. */
  readonly index: number
  readonly severity: Severity
}

/** Steps on which one stick strikes for the second time in a row. */
export const doubleSteps = (strokes: readonly Strokes[]): number[] =>
  strokes.flatMap((own, at) => (at > 0 && own !== 'LR' && own === strokes[at - 1] ? [at] : []))

export function inversionsOf({ pairs, steps }: StickTask, strokes: readonly Strokes[]): Inversion[] {
  return pairs.flatMap((pair, at): Inversion[] => {
    const [a, b] = [strokes[at]!, strokes[at + 1]!]
    if (!pair || a === 'LR' || b === 'LR' || !isInverted(pair, a, b)) return []
    return [{ index: steps[at + 1]!.notes[0]!, severity: severityOf(pair) }]
  })
}

/** What sticks cost in points of effort, whatever the school. */
export function effortOf(task: StickTask, strokes: readonly Strokes[]): number {
  const points = task.pairs.reduce((sum, _, at) => sum + effortBetween(task, at, strokes[at]!, strokes[at + 1]!), 0)
  return Math.round(points * 100) / 100
}

/** What a teacher counts: crossings over wide steps, doubles, and how many of those cross the rows. */
export interface StickCount {
  readonly hard: number
  readonly mild: number
  readonly doubles: number
  readonly rowDoubles: number
}

export function countOf(task: StickTask, sticks: readonly Stick[]): StickCount {
  const strokes = strokesFrom(task.steps, sticks)
  const found = inversionsOf(task, strokes)
  const doubles = doubleSteps(strokes)
  return {
    hard: found.filter(({ severity }) => severity === 'hard').length,
    mild: found.filter(({ severity }) => severity === 'mild').length,
    doubles: doubles.length,
    rowDoubles: doubles.filter((at) => task.pairs[at - 1]?.rows).length,
  }
}
