import { forgetting_curve, fsrs, type Grade, Rating } from 'ts-fsrs'

/**
 * What is remembered, by FSRS as ts-fsrs has it with its published weights: a stability (days in which the probability
 * of recall falls to nine in ten) and a difficulty (1 to 10).
 */
export interface Memory {
  readonly stability: number
  readonly difficulty: number
}
export const OUTCOMES = ['right', 'hesitated', 'wrong'] as const
export type Outcome = (typeof OUTCOMES)[number]

const SCHEDULER = fsrs({ enable_fuzz: false, enable_short_term: false, request_retention: 0.9 })
const GRADES: Readonly<Record<Outcome, Grade>> = { right: Rating.Good, hesitated: Rating.Hard, wrong: Rating.Again }

/** What a try leaves behind. @param elapsed days since the last one */
export function remembered(before: Memory | null, elapsed: number, outcome: Outcome): Memory {
  const { stability, difficulty } = SCHEDULER.next_state(before, before ? Math.max(0, elapsed) : 0, GRADES[outcome])
  return { stability, difficulty }
}

/** The probability of recall, 0 to 1, so many days after the last try. */
export const recallAfter = ({ stability }: Memory, elapsed: number): number =>
  forgetting_curve(SCHEDULER.parameters.w, Math.max(0, elapsed), stability)

/**
 * What a try that is still to come leaves behind on the average: stability as a geometric mean, as it multiplies.
 * @param chance that it will be right
 */
export function expected(before: Memory | null, elapsed: number, chance: number, well: Outcome = 'right'): Memory {
  const [good, bad] = [remembered(before, elapsed, well), remembered(before, elapsed, 'wrong')]
  return {
    stability: good.stability ** chance * bad.stability ** (1 - chance),
    difficulty: good.difficulty * chance + bad.difficulty * (1 - chance),
  }
}
