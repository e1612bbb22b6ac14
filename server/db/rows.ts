import type { Db } from './pool'

/** Tables whose rows are a studio's. */
export type TableName =
  | 'aim'
  | 'bulk_edit'
  | 'erasure'
  | 'exam'
  | 'lesson'
  | 'pupil'
  | 'record_entry'
  | 'route'
  | 'set_item'
  | 'study'
  | 'study_set'
  | 'syllabus'
  | 'syllabus_past'
  | 'trash'
  | 'week'

/** Columns of a table that are written: none that the database makes itself. */
async function columnsOf(db: Db, table: TableName): Promise<string[]> {
  const { rows } = await db.query<{ name: string }>(
    `select attname as name from pg_attribute
     where attrelid = $1::regclass and attnum > 0 and not attisdropped and attidentity <> 'a' and attgenerated = ''
     order by attnum`,
    [table],
  )
  return rows.map(({ name }) => name)
}

/** Columns that say whose a row is: that is whoever writes it, not what is written. */
const OWN = ['studio_id', 'teacher_id']

interface Written {
  /** Whether rows that are there already stay as they are. */
  readonly unlessThere?: boolean
  /** Only rows of these sets are written. */
  readonly ofSets?: readonly string[] | undefined
}

/**
 * Writes rows that are JSON text, a list of them, in their order, into a studio. Columns that they do not have, since they
 * came later, get their default.
 * @returns how many were written
 */
export async function insertJson(
  db: Db,
  studio: number,
  table: TableName,
  text: string,
  columns: readonly string[],
  { unlessThere = false, ofSets }: Written = {},
): Promise<number> {
  const written = (await columnsOf(db, table)).filter((name) => !OWN.includes(name) && columns.includes(name))
  if (written.length === 0) return 0
  const { rowCount } = await db.query(
    `insert into ${table} (studio_id, ${written.join(', ')})
     select $2, ${written.map((name) => `stored.${name}`).join(', ')}
     from jsonb_array_elements($1::jsonb) with ordinality as listed (document, place),
       jsonb_populate_record(null::${table}, document) as stored
     ${ofSets ? 'where stored.set_id = any($3::uuid[])' : ''}
     order by listed.place ${unlessThere ? 'on conflict do nothing' : ''}`,
    [text, studio, ...(ofSets ? [ofSets] : [])],
  )
  return rowCount ?? 0
}

/** Writes rows that were stored as documents, in their order, into a studio. */
export async function insertRows(
  db: Db,
  studio: number,
  table: TableName,
  documents: readonly object[],
): Promise<void> {
  const [first] = documents
  if (first) await insertJson(db, studio, table, JSON.stringify(documents), Object.keys(first))
}
