/** How well forecasts kept their word. */

/** One forecast and what came. */
export interface Kept {
  readonly said: number
  readonly came: boolean
}

/** Forecasts that were alike, what was said of them on the average, and the share that came true. */
export interface Bin {
  readonly said: number
  readonly came: number
  readonly count: number
}

const BINS = 10

export function binsOf(kept: readonly Kept[]): Bin[] {
  return Array.from({ length: BINS }, (_, at) => {
    const own = kept.filter(({ said }) => Math.min(BINS - 1, Math.floor(said * BINS)) === at)
    const share = (of: (each: Kept) => number) => own.reduce((sum, each) => sum + of(each), 0) / Math.max(1, own.length)
    return { said: share(({ said }) => said), came: share(({ came }) => Number(came)), count: own.length }
  })
}

export interface Scores {
  readonly count: number
  readonly base: number
  /** Mean square of what was said less what came, and the same as a share of what always saying the base rate comes to. */
  readonly brier: number
  readonly ofBase: number
  /** Mean distance of what was said from what came, in ten bins. */
  readonly calibration: number
}

export function scoresOf(kept: readonly Kept[]): Scores {
  const count = kept.length
  const mean = (of: (each: Kept) => number) => kept.reduce((sum, each) => sum + of(each), 0) / count
  const base = mean(({ came }) => Number(came))
  const brier = mean(({ said, came }) => (said - Number(came)) ** 2)
  const calibration = binsOf(kept).reduce((sum, bin) => sum + (bin.count / count) * Math.abs(bin.said - bin.came), 0)
  return { count, base, brier, ofBase: brier / (base * (1 - base)), calibration }
}
