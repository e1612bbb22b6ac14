import type { StoredEntry } from '#shared/api'
import { contentOf, stamped } from '#shared/documents'
import type { Db } from './pool'

interface Row {
  id: string
  study_id: string | null
  corrects: string | null
  document: Omit<StoredEntry, 'id' | 'studyId' | 'corrects' | 'addedAt'>
  added_at: Date
}

function entryOf({ id, study_id, corrects, document, added_at }: Row): StoredEntry {
  const entry = contentOf<Row['document']>('entry', document)
  return {
    ...entry,
    id,
    studyId: study_id,
    ...(corrects ? { corrects } : {}),
    addedAt: added_at.toISOString(),
  }
}

/** An entry before it is kept. */
export type NewEntry = Omit<StoredEntry, 'addedAt'>

/** Adds entries in their order; one that is there already stays as it is. */
export async function insertEntries(
  db: Db,
  studio: number,
  pupilId: string,
  entries: readonly NewEntry[],
): Promise<void> {
  for (const { id, studyId, corrects, ...document } of entries) {
    await db.query(
      `insert into record_entry (id, studio_id, pupil_id, study_id, corrects, document)
       values ($1, $2, $3, $4, $5, $6) on conflict (id) do nothing`,
      [id, studio, pupilId, studyId, corrects ?? null, stamped('entry', document)],
    )
  }
}

/** Records of some pupils, as they were added to, by the pupil. */
export async function listEntriesOf(
  db: Db,
  studio: number,
  pupilIds: readonly string[],
): Promise<Map<string, StoredEntry[]>> {
  const { rows } = await db.query<Row & { pupil_id: string }>(
    `select pupil_id, id, study_id, corrects, document, added_at from record_entry
     where studio_id = $1 and pupil_id = any($2::uuid[]) order by place`,
    [studio, pupilIds],
  )
  const found = new Map<string, StoredEntry[]>()
  for (const row of rows) {
    const own = found.get(row.pupil_id)
    if (own) own.push(entryOf(row))
    else found.set(row.pupil_id, [entryOf(row)])
  }
  return found
}

/** A pupil's record, as it was added to. */
export const listEntries = async (db: Db, studio: number, pupilId: string): Promise<StoredEntry[]> =>
  (await listEntriesOf(db, studio, [pupilId])).get(pupilId) ?? []

/** Those of some entries that are in a pupil's record. */
export async function knownEntries(
  db: Db,
  studio: number,
  pupilId: string,
  ids: readonly string[],
): Promise<Set<string>> {
  const { rows } = await db.query<{ id: string }>(
    'select id from record_entry where studio_id = $1 and pupil_id = $2 and id = any($3)',
    [studio, pupilId, ids],
  )
  return new Set(rows.map(({ id }) => id))
}
