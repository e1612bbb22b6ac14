import { logistic } from './odds'

/** A line that never falls, through points, and on beyond them. */
export type Points = readonly (readonly [said: number, came: number])[]

/** What a fit on made-up pupils comes to. */
export interface Fitted {
  /** In the order of FEATURES. */
  readonly weights: readonly number[]
  readonly calibration: Points
  readonly spread: { readonly scale: readonly number[]; readonly quantiles: readonly number[] }
  /** How far off what is said of one study may be: so many times what the scale says hold four in five. */
  readonly study: { readonly scale: readonly number[]; readonly width: number }
}

/** What was said, by what came where as much was said: log-odds to log-odds. */
export function calibrated(points: Points, said: number): number {
  const above = points.findIndex(([at]) => at >= said)
  const next = Math.min(points.length - 1, Math.max(1, above < 0 ? points.length - 1 : above))
  const [[from, low], [to, high]] = [points[next - 1]!, points[next]!]
  return low + ((said - from) / (to - from)) * (high - low)
}

/** How what is said is corrected by what came true in a studio: log-odds moved, and stretched about even. */
export interface Correction {
  readonly shift: number
  readonly slope: number
}
export const NO_CORRECTION: Correction = { shift: 0, slope: 1 }

export const corrected = ({ shift, slope }: Correction, logOdds: number): number => shift + slope * logOdds

/** One test: what was said of it, in log-odds, and whether it came true. */
export interface Told {
  readonly said: number
  readonly came: boolean
}

/** How far a studio may be from what is said, before it is known: deviations (ours). */
const [SHIFT_SPREAD, SLOPE_SPREAD] = [0.5, 0.2]
/** A forecast keeps at least so much of what it says. */
const MIN_SLOPE = 0.4
const ROUNDS = 12

/**
 * The correction that tests speak for (logistic regression with a normal prior about no correction, by Newton's
 * steps; McCullagh and Nelder, Generalized Linear Models, ch. 4). None where there are no tests; it grows with them.
 */
export function correctionBy(told: readonly Told[]): Correction {
  let { shift, slope } = NO_CORRECTION
  const [a, b] = [1 / SHIFT_SPREAD ** 2, 1 / SLOPE_SPREAD ** 2]
  for (let round = 0; round < ROUNDS; round++) {
    let [g0, g1, h00, h01, h11] = [-a * shift, -b * (slope - 1), a, 0, b]
    for (const { said, came } of told) {
      const chance = logistic(shift + slope * said)
      const [off, weight] = [Number(came) - chance, chance * (1 - chance)]
      g0 += off
      g1 += off * said
      h00 += weight
      h01 += weight * said
      h11 += weight * said * said
    }
    const det = h00 * h11 - h01 * h01
    shift += (h11 * g0 - h01 * g1) / det
    slope = Math.max(MIN_SLOPE, slope + (h00 * g1 - h01 * g0) / det)
  }
  return { shift, slope }
}
