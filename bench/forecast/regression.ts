/** Regressions for the fit: general, and of no use to the program itself. */
import { logistic, logOddsOf } from '../../core/practice/forecast'

export interface Sample {
  readonly values: readonly number[]
  readonly came: boolean
}

const ROUNDS = 80
/** A weight is drawn to what was thought of it before as by so many samples; those of one life are much alike. */
const PRIOR = 200
/** And keeps at least so much of that. */
const LEAST = 0.5

/**
 * Logistic regression by coordinates, with Newton's steps. @param prior weights as they are thought before @param free of the first weights, which may be negative
 * @returns weights, the others never under a part of what was thought before
 */
export function logisticRegression(samples: readonly Sample[], prior: readonly number[], free: number): number[] {
  const weights = [...prior]
  const said = samples.map(({ values }) => values.reduce((sum, value, at) => sum + value * weights[at]!, 0))
  for (let round = 0; round < ROUNDS; round++) {
    for (let at = 0; at < prior.length; at++) {
      let [gradient, curvature] = [PRIOR * (prior[at]! - weights[at]!), PRIOR]
      samples.forEach(({ values, came }, place) => {
        const chance = logistic(said[place]!)
        gradient += values[at]! * (Number(came) - chance)
        curvature += values[at]! ** 2 * chance * (1 - chance)
      })
      const next = weights[at]! + gradient / curvature
      const by = (at < free ? next : Math.max(LEAST * prior[at]!, next)) - weights[at]!
      weights[at] = weights[at]! + by
      samples.forEach(({ values }, place) => (said[place] = said[place]! + by * values[at]!))
    }
  }
  return weights
}

interface Block {
  said: number
  came: number
  count: number
}

/**
 * Isotonic regression (pool adjacent violators; Barlow, Bartholomew, Bremner and Brunk, Statistical Inference under Order
 * Restrictions, 1972) over groups of equal size. @returns points in log-odds, in order
 */
export function isotonic(said: readonly number[], came: readonly boolean[], groups: number): [number, number][] {
  const order = said.map((_, at) => at).sort((a, b) => said[a]! - said[b]!)
  const size = Math.ceil(order.length / groups)
  const blocks: Block[] = []
  for (let from = 0; from < order.length; from += size) {
    const own = order.slice(from, from + size)
    const sum = (of: (at: number) => number) => own.reduce((all, at) => all + of(at), 0)
    blocks.push({ said: sum((at) => said[at]!), came: sum((at) => Number(came[at]!)), count: own.length })
    while (
      blocks.length > 1 &&
      blocks.at(-2)!.came / blocks.at(-2)!.count > blocks.at(-1)!.came / blocks.at(-1)!.count
    ) {
      const [b, a] = [blocks.pop()!, blocks.pop()!]
      blocks.push({ said: a.said + b.said, came: a.came + b.came, count: a.count + b.count })
    }
  }
  return blocks.map(({ said: all, came: right, count }) => [all / count, logOddsOf((right + 1) / (count + 2))])
}

/** Weights, none under nought, by which some values come nearest to a number (least squares by coordinates). */
export function leastSquares(rows: readonly { readonly values: readonly number[]; readonly is: number }[]): number[] {
  const count = rows[0]!.values.length
  const weights = Array.from({ length: count }, () => 0)
  for (let round = 0; round < ROUNDS; round++) {
    for (let at = 0; at < count; at++) {
      let [up, down] = [0, 1e-9]
      for (const { values, is } of rows) {
        const others = values.reduce((sum, value, place) => (place === at ? sum : sum + value * weights[place]!), 0)
        up += values[at]! * (is - others)
        down += values[at]! ** 2
      }
      weights[at] = Math.max(0, up / down)
    }
  }
  return weights
}
