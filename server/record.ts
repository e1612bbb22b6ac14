import { checkRecord } from '#core/practice'
import type { StoredEntry } from '#shared/api'
import {
  type Db,
  getPupil,
  getStudy,
  holdPupil,
  insertEntries,
  inTransaction,
  knownEntries,
  listEntries,
  type NewEntry,
  type Pool,
} from './db'
import { today } from './clock'
import { refuse } from './messages'
import { notFound } from './httpError'

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

/** What is put right must be there: in the pupil's record, or before in the same request. @throws DomainError */
async function checkCorrections(db: Db, studio: number, pupilId: string, entries: readonly NewEntry[]): Promise<void> {
  const corrected = entries.flatMap(({ corrects }) => corrects ?? [])
  const known = await knownEntries(db, studio, pupilId, corrected)
  entries.forEach(({ id, corrects }, at) => {
    if (corrects !== undefined && !known.has(corrects)) throw refuse('entry.unknown', {}, `entries[${at}].corrects`)
    known.add(id)
  })
}

/** An id that stands in somebody else's record is nobody's to use. @throws DomainError */
async function checkStored(db: Db, studio: number, pupilId: string, entries: readonly NewEntry[]): Promise<void> {
  const ids = entries.map(({ id }) => id)
  const known = await knownEntries(db, studio, pupilId, ids)
  const at = ids.findIndex((id) => !known.has(id))
  if (at >= 0) throw refuse('entry.taken', {}, `entries[${at}].id`)
}

/** Adds to a pupil's record, all of it or nothing; what was added before is not added twice. @throws HttpError 404 */
export function addEntries(
  pool: Pool,
  studio: number,
  pupilId: string,
  requests: readonly EntryRequest[],
): Promise<StoredEntry[]> {
  return inTransaction(pool, async (db) => {
    if (!(await holdPupil(db, studio, pupilId))) throw notFound('pupil')
    const entries: NewEntry[] = []
    for (const [at, entry] of requests.entries()) {
      const study = entry.study ?? (entry.studyId ? (await getStudy(db, studio, entry.studyId))?.recipe : undefined)
      if (!study) throw refuse('study.unknown', {}, `entries[${at}].studyId`)
      const { hands = study.hands, octaves = study.octaves, studyId = null } = entry
      entries.push({ ...entry, study, studyId, hands, octaves })
    }
    checkRecord(entries, today(), 'entries')
    await checkCorrections(db, studio, pupilId, entries)
    await insertEntries(db, studio, pupilId, entries)
    await checkStored(db, studio, pupilId, entries)
    const ids = new Set(entries.map(({ id }) => id))
    return (await listEntries(db, studio, pupilId)).filter(({ id }) => ids.has(id))
  })
}
