import { calibrated, corrected, type Correction, NO_CORRECTION } from './calibration'
import { FITTED } from './fitted'
import { type Grounds, type Known, knownOf } from './known'

/** What is said of a pupil's studies: log-odds of each to be right at the first try at the tempo asked. */
export interface Forecast {
  readonly now: readonly number[]
  /** On the exam's day if the plan is kept; as `now` where nothing is worked towards. */
  readonly then: readonly number[]
  /** By how much all of them together may be better or worse than said, in log-odds: places of equal weight, in order. */
  readonly spreadNow: readonly number[]
  readonly spreadThen: readonly number[]
  /** How far each study may be off by itself, in log-odds: four in five are nearer. */
  readonly offNow: readonly number[]
  readonly offThen: readonly number[]
}

const valueOf = (values: readonly number[]): number =>
  FITTED.weights.reduce((sum, weight, at) => sum + weight * values[at]!, 0)

/** Entries of a cold test after which half of what the record leaves open is known, and days that open as much again. */
const [HALF_HEARD, DAYS] = [4, 100]

/** How wide the spread is, by what was heard cold and how far off the day is. */
export const spreadScale = (heard: number, horizon: number): readonly [number, number, number] => [
  1,
  1 / (1 + heard / HALF_HEARD),
  horizon / DAYS,
]

const spreadOf = (heard: number, horizon: number): readonly number[] => {
  const { scale, quantiles } = FITTED.spread
  const width = spreadScale(heard, horizon).reduce((sum, value, at) => sum + value * scale[at]!, 0)
  return quantiles.map((at) => at * width)
}

/** Quick tests of a study after which half of what they leave open of it is known. */
const HALF_TESTED = 1.5

/** How wide a study's own spread is, by what was heard of it and of the pupil cold, and how far off the day is. */
export const studyScale = (own: number, heard: number, horizon: number): readonly [number, number, number, number] => [
  1,
  1 / (1 + own / HALF_TESTED),
  1 / (1 + heard / HALF_HEARD),
  horizon / DAYS,
]

const offBy = ({ heard, heardOf }: Known, horizon: number): number[] => {
  const { scale, width } = FITTED.study
  return heardOf.map((own) =>
    Math.max(0, width * studyScale(own, heard, horizon).reduce((sum, value, at) => sum + value * scale[at]!, 0)),
  )
}

/** The forecast for a pupil's studies. @param correction by what came true in the studio */
export function forecastFor(grounds: Grounds, correction: Correction = NO_CORRECTION): Forecast {
  const known = knownOf(grounds)
  const say = (values: readonly number[]): number =>
    corrected(correction, calibrated(FITTED.calibration, valueOf(values)))
  return {
    now: known.now.map(say),
    then: known.then.map(say),
    spreadNow: spreadOf(known.heard, 0),
    spreadThen: spreadOf(known.heard, known.horizon),
    offNow: offBy(known, 0),
    offThen: offBy(known, known.horizon),
  }
}
