import { createHash } from 'node:crypto'
import { ARCHIVED_KINDS, type ArchivedKind } from '#shared/archive'
import type { Db } from './pool'
import { insertJson, type TableName } from './rows'

/**
 * The table of every kind of thing that a studio holds, and how its rows are ordered in an archive. A test walks the
 * database and fails for a table that is not here.
 */
const TABLES: Readonly<Record<ArchivedKind, { readonly table: TableName; readonly order: string }>> = {
  pupils: { table: 'pupil', order: 'created_at, id' },
  studies: { table: 'study', order: 'created_at, id' },
  lists: { table: 'syllabus', order: 'created_at, id' },
  pastLists: { table: 'syllabus_past', order: 'id, version' },
  sets: { table: 'study_set', order: 'created_at, id' },
  setStudies: { table: 'set_item', order: 'set_id, position' },
  aims: { table: 'aim', order: 'set_id' },
  exams: { table: 'exam', order: 'held_at, id' },
  entries: { table: 'record_entry', order: 'place' },
  lessons: { table: 'lesson', order: 'pupil_id, date' },
  weeks: { table: 'week', order: 'pupil_id, starts' },
  routes: { table: 'route', order: 'family, school' },
  bin: { table: 'trash', order: 'trashed_at, id' },
  bulkEdits: { table: 'bulk_edit', order: 'done_at, id' },
  erasures: { table: 'erasure', order: 'erased_at, id' },
}
/** Tables of who may come in: keys of this installation, which go into no archive. */
export const KEY_TABLES = ['teacher', 'session', 'invitation', 'pupil_share', 'pupil_link'] as const
/** Tables that an archive holds. */
export const ARCHIVED_TABLES: readonly string[] = ARCHIVED_KINDS.map((kind) => TABLES[kind].table)

/** Rows of every kind, each kind as JSON text: a list of them. */
export type ArchivedRows = Readonly<Record<ArchivedKind, string>>

/** All that a studio holds. Run it in a snapshot. */
export async function readStudioRows(db: Db, studio: number): Promise<ArchivedRows> {
  const read: [ArchivedKind, string][] = []
  for (const kind of ARCHIVED_KINDS) {
    const { table, order } = TABLES[kind]
    // the numbers of a studio and of an entry's place are this database's own, and so are its teachers
    const { rows } = await db.query<{ rows: string | null }>(
      `select string_agg((to_jsonb(${table}) - 'studio_id' - 'place' - 'teacher_id')::text, E',\n' order by ${order}) as rows
       from ${table} where studio_id = $1`,
      [studio],
    )
    read.push([kind, `[${rows[0]!.rows ?? ''}]\n`])
  }
  return Object.fromEntries(read) as unknown as ArchivedRows
}

/** Whether a studio holds nothing at all. */
export async function isEmptyStudio(db: Db, studio: number): Promise<boolean> {
  for (const kind of ARCHIVED_KINDS) {
    const { rows } = await db.query(`select from ${TABLES[kind].table} where studio_id = $1 limit 1`, [studio])
    if (rows.length > 0) return false
  }
  return true
}

/** An id for this studio that follows from another: the same each time, and written as any other (RFC 9562, version 4). */
function derivedId(studio: number, id: string): string {
  const hex = createHash('sha256').update(`tactum ${studio} ${id}`).digest('hex')
  const variant = '89ab'[parseInt(hex[16]!, 16) % 4]
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-${variant}${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}

/**
 * Ids that rows have to take here because another studio has theirs, or took here when they came before.
 * @returns the new id by the old one; those that stay are not in it
 */
export async function takenIds(db: Db, studio: number, kind: ArchivedKind, ids: readonly string[]) {
  const derived = ids.map((id) => derivedId(studio, id))
  const { table } = TABLES[kind]
  const { rows } = await db.query<{ id: string; derived: string }>(
    `select pair.id, pair.derived from unnest($2::uuid[], $3::uuid[]) as pair (id, derived)
     where exists (select from ${table} where id = pair.derived and studio_id = $1)
        -- there, but not to be seen from here: another studio's, or another teacher's
        or (pair.id in (select known_ids($4::regclass, $2::uuid[]))
          and not exists (select from ${table} where id = pair.id and studio_id = $1))`,
    [studio, ids, derived, table],
  )
  return new Map(rows.map((row) => [row.id, row.derived]))
}

/** Rows of one kind as an archive has them: JSON text of a list, and the fields that they have. */
export interface NewRows {
  readonly text: string
  readonly columns: readonly string[]
}

/**
 * Adds rows that are not there yet; what is there stays as it is. Run it in a transaction.
 * @param ofSets takes rows of these sets only
 * @returns how many were added
 */
export const addRows = (
  db: Db,
  studio: number,
  kind: ArchivedKind,
  { text, columns }: NewRows,
  ofSets?: readonly string[],
): Promise<number> => insertJson(db, studio, TABLES[kind].table, text, columns, { unlessThere: true, ofSets })

/** Ids of a studio's sets. */
export async function listSetIds(db: Db, studio: number): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>('select id from study_set where studio_id = $1', [studio])
  return rows.map(({ id }) => id)
}
