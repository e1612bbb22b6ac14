import { type Date, dayOf } from '../days'
import { currentEntries, type Entry, studyKeyOf } from '../entry'
import { practisedBeside } from '../practised'
import { isWhole, targetOf } from '../target'
import type { Told } from './calibration'
import { forecastFor } from './forecast'
import { logistic } from './odds'

/** A test so near the tempo asked is what a forecast speaks of (ours). */
const AT_TEMPO = 0.9

/** What was said of each cold test of a record on the evening before it, and whether it came true. */
export function toldFrom(record: readonly Entry[], before: Date, level: number | null = null): Told[] {
  const entries = currentEntries(record)
  const targets = practisedBeside([], entries).map((recipe) => targetOf(recipe))
  const isCold = ({ kind }: Entry): boolean => kind === 'cold-test' || kind === 'mock-exam'
  const days = [...new Set(entries.filter(isCold).map(({ date }) => date))].filter((date) => date < before)
  return days.flatMap((date) => {
    const known = entries.filter((entry) => entry.date < date)
    const { now } = forecastFor({ targets, record: known, today: dayOf(date)!, aim: null, level })
    return entries.flatMap((entry): Told[] => {
      if (entry.date !== date || !isCold(entry)) return []
      const at = targets.findIndex((target) => target.studyKey === studyKeyOf(entry.study) && isWhole(target, entry))
      if (at < 0 || entry.tempo < AT_TEMPO * targets[at]!.required) return []
      return [{ said: now[at]!, came: entry.outcome !== 'wrong' }]
    })
  })
}

/** Forecasts that were alike: what was said of them on the average, the share that came true, and of how many. */
export interface KeptBin {
  readonly said: number
  readonly came: number
  readonly count: number
}

/** Forecasts by what was said, in so many steps from 0 to 1; steps of which nothing was said are left out. */
export function keptBins(told: readonly Told[], steps: number): KeptBin[] {
  const all = told.map(({ said, came }) => ({ said: logistic(said), came }))
  return Array.from({ length: steps }, (_, at) => {
    const own = all.filter(({ said }) => Math.min(steps - 1, Math.floor(said * steps)) === at)
    const mean = (of: (each: (typeof own)[number]) => number) =>
      own.reduce((sum, each) => sum + of(each), 0) / own.length
    return { said: mean(({ said }) => said), came: mean(({ came }) => Number(came)), count: own.length }
  }).filter(({ count }) => count > 0)
}
