import type { StoredEntry } from '#shared/api'
import type { Recipe } from '#core/instrument'
import { contentOf, currentDocument, formatOf, stamped } from '#shared/documents'
import type { Db } from './pool'

interface Row {
  id: string
  study_id: string | null
  corrects: string | null
  /** Without its study, which many have in common. */
  document: Content & { readonly format?: string }
  study_key: string
  added_at: string
}
type Content = Omit<StoredEntry, 'id' | 'studyId' | 'corrects' | 'addedAt' | 'study'>
const CURRENT = formatOf('entry')

/** What an entry holds but its study, as it is written today. */
function contentIn(document: Row['document'], study: Recipe): Content {
  if (document.format !== CURRENT) return contentOf<Content>('entry', { ...document, study })
  const { format: _, ...content } = document
  return content
}

/** @param studies as they are written today, each once, by their key */
function entryOf(
  { id, study_id, corrects, document, study_key, added_at }: Row,
  studies: ReadonlyMap<string, Recipe>,
): StoredEntry {
  const study = studies.get(study_key)!
  return {
    ...contentIn(document, study),
    study,
    id,
    studyId: study_id,
    ...(corrects ? { corrects } : {}),
    addedAt: added_at,
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

/** Most entries are of few studies: each of them is read once. */
const STUDY_KEY = `md5(document->>'study')`

/** The studies of some records, by their key. */
async function studiesIn(db: Db, studio: number, pupilIds: readonly string[]): Promise<Map<string, Recipe>> {
  const { rows } = await db.query<{ key: string; study: object }>(
    `select distinct on (key) ${STUDY_KEY} as key, document->'study' as study
     from record_entry where studio_id = $1 and pupil_id = any($2::uuid[]) order by key`,
    [studio, pupilIds],
  )
  return new Map(rows.map(({ key, study }) => [key, currentDocument('study', study) as unknown as Recipe]))
}

/** Records of some pupils, as they were added to, by the pupil. */
export async function listEntriesOf(
  db: Db,
  studio: number,
  pupilIds: readonly string[],
): Promise<Map<string, StoredEntry[]>> {
  // one row a pupil: thousands of small ones take longer to read than to find
  const { rows } = await db.query<{ pupil_id: string; entries: Row[] }>(
    `select pupil_id, json_agg(json_build_object(
       'id', id, 'study_id', study_id, 'corrects', corrects, 'document', document - 'study', 'study_key', ${STUDY_KEY},
       'added_at', to_char(added_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')) order by place) as entries
     from record_entry where studio_id = $1 and pupil_id = any($2::uuid[]) group by pupil_id`,
    [studio, pupilIds],
  )
  const studies = rows.length > 0 ? await studiesIn(db, studio, pupilIds) : new Map<string, Recipe>()
  return new Map(rows.map(({ pupil_id, entries }) => [pupil_id, entries.map((row) => entryOf(row, studies))]))
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
