import { type Correction, correctionBy, type KeptBin, keptBins, type Told } from '#core/practice'
import type { ForecastsKept } from '#shared/api'
import { packed } from '#shared/preparation'
import { type Db, inSnapshot, listEntriesOf, listPupils, type Pool } from './db'
import { today } from './clock'
import { cachedAnswer } from './work'

/** What was said of each cold test of a studio before today, and what came. */
async function toldIn(db: Db, studio: number): Promise<Told[]> {
  const pupils = await listPupils(db, studio)
  const records = await listEntriesOf(
    db,
    studio,
    pupils.map(({ id }) => id),
  )
  const played = pupils.flatMap(({ id, learning: { level } }) => {
    const record = records.get(id)
    return record ? [{ record: packed(record), level }] : []
  })
  return played.length === 0 ? [] : cachedAnswer('told', { pupils: played, before: today() })
}

/** Corrections of studios, each for a day: what is added today changes none of it. */
const corrections = new Map<string, Correction>()
const MAX_CACHED = 500

/** How forecasts are corrected by what came true in a studio up to yesterday; worked out once a day. */
export async function correctionOf(db: Db, studio: number): Promise<Correction> {
  const key = `${studio} ${today()}`
  const cached = corrections.get(key)
  if (cached) return cached
  // only what is done is kept: whoever asks at the same time does not wait for somebody who may leave
  const made = correctionBy(await toldIn(db, studio))
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
