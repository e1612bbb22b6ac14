import { formatISO } from 'date-fns'
import { checkRecord, type Date as Day } from '#core/practice'
import type { StoredEntry } from '#shared/api'
import {
  type Db,
  getPupil,
  getStudy,
  insertEntries,
  inTransaction,
  knownEntries,
  listEntries,
  type NewEntry,
  type Pool,
} from './db'
import { refuse } from './messages'
import { notFound } from './httpError'

/** The day that it is where the server stands, `2026-11-28`. */
export const today = (): Day => formatISO(new Date(), { representation: 'date' })

/** @throws HttpError 404 */
async function pupilFor(db: Db, studio: number, id: string) {
  const pupil = await getPupil(db, studio, id)
  if (!pupil) throw notFound('pupil')
  return pupil
}

/** @throws HttpError 404 */
export async function recordOf(db: Db, studio: number, pupilId: string): Promise<StoredEntry[]> {
  await pupilFor(db, studio, pupilId)
  return listEntries(db, studio, pupilId)
}

/** An entry as it is asked to be kept: of a study on file, or of one that is given. */
export type EntryRequest = Omit<NewEntry, 'study' | 'studyId' | 'hands' | 'octaves'> &
  Partial<Pick<NewEntry, 'study' | 'studyId' | 'hands' | 'octaves'>>

/** Adds to a pupil's record, all of it or nothing; what was added before is not added twice. @throws HttpError 404 */
export function addEntries(
  pool: Pool,
  studio: number,
  pupilId: string,
  requests: readonly EntryRequest[],
): Promise<StoredEntry[]> {
  return inTransaction(pool, async (db) => {
    await pupilFor(db, studio, pupilId)
    const entries: NewEntry[] = []
    for (const [at, entry] of requests.entries()) {
      const study = entry.study ?? (entry.studyId ? (await getStudy(db, studio, entry.studyId))?.recipe : undefined)
      if (!study) throw refuse('study.unknown', {}, `entries[${at}].studyId`)
      const { hands = study.hands, octaves = study.octaves, studyId = null } = entry
      entries.push({ ...entry, study, studyId, hands, octaves })
    }
    checkRecord(entries, today(), 'entries')
    const corrected = entries.flatMap(({ corrects }) => corrects ?? [])
    const known = await knownEntries(db, studio, pupilId, corrected)
    const own = new Set(entries.map(({ id }) => id))
    const at = entries.findIndex(({ corrects }) => corrects !== undefined && !known.has(corrects) && !own.has(corrects))
    if (at >= 0) throw refuse('entry.unknown', {}, `entries[${at}].corrects`)
    await insertEntries(db, studio, pupilId, entries)
    const ids = new Set(entries.map(({ id }) => id))
    return (await listEntries(db, studio, pupilId)).filter(({ id }) => ids.has(id))
  })
}
