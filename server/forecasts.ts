import { type Correction, correctionBy, type KeptBin, keptBins, type Told } from '#core/practice'
import type { ForecastsKept } from '#shared/api'
import { packed } from '#shared/preparation'
import { type Db, inSnapshot, listEntriesOf, listPupils, type Pool } from './db'
import { today } from './clock'
import { thread } from './work'

type Records = Awaited<ReturnType<typeof listEntriesOf>>

/** What was said of each cold test of a studio before today, and what came. */
async function toldIn(db: Db, studio: number, read?: Records): Promise<Told[]> {
  const pupils = await listPupils(db, studio)
  const ids = pupils.map(({ id }) => id)
  const records = read ?? (await listEntriesOf(db, studio, ids))
  const played = pupils.flatMap(({ id, learning: { level } }) => {
    const record = records.get(id)
    return record ? [{ record: packed(record), level }] : []
  })
  return played.length === 0 ? [] : thread('told', { pupils: played, before: today() })
}

/** Corrections of studios, each for a day: what is added today changes none of it. */
const corrections = new Map<string, Correction>()
const MAX_CACHED = 500

const keyOf = (studio: number): string => `${studio} ${today()}`
/** Whether it was worked out today. */
export const hasCorrection = (studio: number): boolean => corrections.has(keyOf(studio))

/**
 * How forecasts are corrected by what came true in a studio up to yesterday; worked out once a day.
 * @param records of all its pupils, where they have been read already
 */
export async function correctionOf(db: Db, studio: number, records?: Records): Promise<Correction> {
  const key = keyOf(studio)
  const cached = corrections.get(key)
  if (cached) return cached
  // only what is done is kept: whoever asks at the same time does not wait for somebody who may leave
  const made = correctionBy(await toldIn(db, studio, records))
  if (corrections.size >= MAX_CACHED) corrections.clear()
  corrections.set(key, made)
  return made
}

/** Steps of what was said that are told apart: a studio has too few tests for more. */
const STEPS = 5

/** How often forecasts came true in a studio. */
export const forecastsKept = (pool: Pool, studio: number): Promise<ForecastsKept> =>
  inSnapshot(pool, async (db) => {
    const told = await toldIn(db, studio)
    const bins: KeptBin[] = keptBins(told, STEPS)
    return { bins, tests: told.length }
  })
