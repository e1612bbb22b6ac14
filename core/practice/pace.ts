import type { StudyState } from './state'

/** A number with its weight; weights come to one. */
export interface Weighed {
  readonly value: number
  readonly weight: number
}

/**
 * How somebody learns and remembers, as far as the record tells: the chance that a sitting passes its stage, and by how
 * much recall is better or worse than the forecast (in log-odds). Both as a few weighed values.
 */
export interface Pupil {
  readonly pace: readonly Weighed[]
  readonly retention: readonly Weighed[]
}

/** Before anything is known: three sittings in five pass (ours; a beta distribution worth five sittings). */
const PACE_PRIOR = { clean: 3, not: 2 }
/** Recall as forecast, give or take (ours; a normal distribution, in log-odds). */
const RETENTION_SPREAD = 0.6
const PACES = Array.from({ length: 19 }, (_, at) => (at + 1) / 20)
const RETENTIONS = Array.from({ length: 13 }, (_, at) => (at - 6) / 3)
/** No forecast is surer than this. */
const SURE = 1e-4

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

/** A probability moved by some log-odds. */
export function moved(chance: number, by: number): number {
  if (chance <= 0) return 0
  const sure = Math.min(1 - SURE, Math.max(SURE, chance))
  return 1 / (1 + Math.exp(-(Math.log(sure / (1 - sure)) + by)))
}

/** What the record tells of whoever plays, beginning with what is true of most (Bayes, on a grid). */
export function pupilFrom(states: readonly StudyState[]): Pupil {
  const clean = states.reduce((sum, { sittings }) => sum + sittings.clean, 0)
  const not = states.reduce((sum, { sittings }) => sum + sittings.all, 0) - clean
  const pace = PACES.map(
    (q) => (PACE_PRIOR.clean - 1 + clean) * Math.log(q) + (PACE_PRIOR.not - 1 + not) * Math.log(1 - q),
  )
  const heard = states.flatMap(({ tries }) => tries.filter(({ cold, forecast }) => cold && forecast !== null))
  const retention = RETENTIONS.map((by) =>
    heard.reduce(
      (sum, { outcome, forecast }) => {
        const right = moved(forecast!, by)
        return sum + Math.log(outcome === 'wrong' ? 1 - right : right)
      },
      -(by * by) / (2 * RETENTION_SPREAD * RETENTION_SPREAD),
    ),
  )
  return { pace: weighed(PACES, pace), retention: weighed(RETENTIONS, retention) }
}

export const meanOf = (values: readonly Weighed[]): number =>
  values.reduce((sum, { value, weight }) => sum + value * weight, 0)

/** The value below which a share of the weight lies. */
export function quantile(values: readonly Weighed[], share: number): number {
  const sorted = values.toSorted((a, b) => a.value - b.value)
  let sum = 0
  for (const { value, weight } of sorted) {
    sum += weight
    if (sum >= share) return value
  }
  return sorted.at(-1)?.value ?? 0
}
