import type { Erasure } from '#shared/api'
import { contentOf, stamped } from '#shared/documents'
import type { Db } from './pool'

type Totals = Omit<Erasure, 'id' | 'erasedAt'>
interface Row {
  id: string
  document: object
  erased_at: Date
}
const erasureOf = ({ id, document, erased_at }: Row): Erasure => ({
  ...contentOf<Totals>('erasure', document),
  id,
  erasedAt: erased_at.toISOString(),
})

/** How much a pupil has, in the studio and in its trash. */
export async function pupilTotals(db: Db, studio: number, id: string): Promise<Totals> {
  const { rows } = await db.query<Totals>(
    `select (select count(*)::int from study_set where studio_id = $1 and pupil_id = $2)
         + coalesce(sum(case when what = 'set' then 1 else jsonb_array_length(coalesce(document->'sets', '[]')) end), 0)::int
         as sets,
       (select count(*)::int from exam where studio_id = $1 and pupil_id = $2)
         + coalesce(sum(case when what = 'exam' then 1 when what = 'pupil'
             then jsonb_array_length(coalesce(document->'exams', '[]')) else 0 end), 0)::int as exams,
       (select count(*)::int from record_entry where studio_id = $1 and pupil_id = $2)
         + coalesce(sum(jsonb_array_length(coalesce(document->'entries', '[]'))), 0)::int as entries
     from trash where studio_id = $1 and ${OF_PUPIL}`,
    [studio, id],
  )
  return rows[0]!
}

/** Of the trash: the pupil, or a set or a mock exam of the pupil's. */
const OF_PUPIL = `(document->'row'->>'pupil_id' = $2::text or (what = 'pupil' and document->'row'->>'id' = $2::text))`

/** Deletes all of a pupil that lies in the trash. @returns how many things that were */
export async function eraseFromTrash(db: Db, studio: number, id: string): Promise<number> {
  const { rowCount } = await db.query(`delete from trash where studio_id = $1 and ${OF_PUPIL}`, [studio, id])
  return rowCount ?? 0
}

/** Remembers that a pupil was erased. */
export async function insertErasure(db: Db, studio: number, totals: Totals): Promise<Erasure> {
  const { rows } = await db.query<Row>(
    'insert into erasure (studio_id, document) values ($1, $2) returning id, document, erased_at',
    [studio, stamped('erasure', totals)],
  )
  return erasureOf(rows[0]!)
}

/** When pupils were erased, the latest first. */
export async function listErasures(db: Db, studio: number): Promise<Erasure[]> {
  const { rows } = await db.query<Row>(
    'select id, document, erased_at from erasure where studio_id = $1 order by erased_at desc, id limit 200',
    [studio],
  )
  return rows.map(erasureOf)
}
