import type { StudyState } from './state'

/** A number with its weight; weights come to one. */
export interface Weighed {
  readonly value: number
  readonly weight: number
}

/** How somebody learns, as far as the record tells: the chance that a sitting passes its stage, as a few weighed values. */
export interface Pupil {
  readonly pace: readonly Weighed[]
}

/** Before anything is known: three sittings in five pass (ours; a beta distribution worth five sittings). */
const PACE_PRIOR = { clean: 3, not: 2 }
const PACES = Array.from({ length: 19 }, (_, at) => (at + 1) / 20)

/** What is less likely than this beside the likeliest is left out. */
const NEGLIGIBLE = 0.02

const weighed = (values: readonly number[], logs: readonly number[]): Weighed[] => {
  const most = Math.max(...logs)
  const likely = values.flatMap((value, at) => {
    const weight = Math.exp(logs[at]! - most)
    return weight < NEGLIGIBLE ? [] : [{ value, weight }]
  })
  const sum = likely.reduce((total, { weight }) => total + weight, 0)
  return likely.map(({ value, weight }) => ({ value, weight: weight / sum }))
}

/** What the record tells of whoever plays, beginning with what is true of most (Bayes, on a grid). */
export function pupilFrom(states: readonly StudyState[]): Pupil {
  const clean = states.reduce((sum, { sittings }) => sum + sittings.clean, 0)
  const not = states.reduce((sum, { sittings }) => sum + sittings.all, 0) - clean
  const pace = PACES.map(
    (q) => (PACE_PRIOR.clean - 1 + clean) * Math.log(q) + (PACE_PRIOR.not - 1 + not) * Math.log(1 - q),
  )
  return { pace: weighed(PACES, pace) }
}

export const meanOf = (values: readonly Weighed[]): number =>
  values.reduce((sum, { value, weight }) => sum + value * weight, 0)
