import type { Db } from './pool'

type TableName = 'aim' | 'exam' | 'pupil' | 'record_entry' | 'study_set' | 'syllabus' | 'syllabus_past'

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

/**
 * Writes rows that were stored as documents, in their order. Columns that a document does not have, since they came
 * later, get their default.
 */
export async function insertRows(db: Db, table: TableName, documents: readonly object[]): Promise<void> {
  const [first] = documents
  if (!first) return
  const columns = (await columnsOf(db, table)).filter((name) => Object.hasOwn(first, name))
  await db.query(
    `insert into ${table} (${columns.join(', ')})
     select ${columns.map((name) => `stored.${name}`).join(', ')}
     from jsonb_array_elements($1::jsonb) with ordinality as listed (document, place),
       jsonb_populate_record(null::${table}, document) as stored
     order by listed.place`,
    [JSON.stringify(documents)],
  )
}
