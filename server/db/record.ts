import type { KeptEntry } from '#shared/api'
import type { Db } from './pool'

interface Row {
  id: string
  study_id: string | null
  corrects: string | null
  document: Omit<KeptEntry, 'id' | 'studyId' | 'corrects' | 'addedAt'>
  added_at: Date
}

const entryOf = ({ id, study_id, corrects, document, added_at }: Row): KeptEntry => ({
  ...document,
  id,
  studyId: study_id,
  ...(corrects ? { corrects } : {}),
  addedAt: added_at.toISOString(),
})

/** An entry before it is kept. */
export type NewEntry = Omit<KeptEntry, 'addedAt'>

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
      [id, studio, pupilId, studyId, corrects ?? null, document],
    )
  }
}

/** A pupil's record, as it was added to. */
export async function listEntries(db: Db, studio: number, pupilId: string): Promise<KeptEntry[]> {
  const { rows } = await db.query<Row>(
    `select id, study_id, corrects, document, added_at from record_entry
     where studio_id = $1 and pupil_id = $2 order by place`,
    [studio, pupilId],
  )
  return rows.map(entryOf)
}

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

/** How many entries each pupil has: whoever keeps what follows from them sees whether there is news. */
export async function countEntries(db: Db, studio: number): Promise<Map<string, number>> {
  const { rows } = await db.query<{ pupil_id: string; count: number }>(
    'select pupil_id, count(*)::int as count from record_entry where studio_id = $1 group by pupil_id',
    [studio],
  )
  return new Map(rows.map(({ pupil_id, count }) => [pupil_id, count]))
}
