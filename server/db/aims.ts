import type { StoredAim } from '#shared/api'
import { contentOf, stamped } from '#shared/documents'
import type { Db } from './pool'

type Document = Omit<StoredAim, 'version'>
interface Row {
  set_id: string
  document: Document
  version: number
}
const aimOf = ({ document, version }: Row): StoredAim => ({ ...contentOf<Document>('aim', document), version })

export async function getAim(db: Db, studio: number, setId: string): Promise<StoredAim | null> {
  const { rows } = await db.query<Row>('select * from aim where studio_id = $1 and set_id = $2', [studio, setId])
  return rows[0] ? aimOf(rows[0]) : null
}

/** An aim, and a text that is another whenever something is that it follows from: its set, studies,
 * record or list, or the whole database, where a backup was restored. */
export interface StampedAim {
  readonly setId: string
  readonly aim: StoredAim
  readonly stamp: string
}

/** Every aim of a studio, of pupils who are not archived. */
export async function listAims(db: Db, studio: number): Promise<StampedAim[]> {
  const { rows } = await db.query<Row & { stamp: string }>(
    `select aim.*, concat_ws(' ', 'aim'::regclass::oid, aim.version, study_set.version, syllabus.version, pupil.version,
       (select string_agg(study.id || ':' || study.version, ',' order by position)
          from set_item join study on study.id = study_id where set_id = study_set.id),
       (select count(*) from record_entry where pupil_id = pupil.id and record_entry.studio_id = pupil.studio_id),
       (select string_agg(family || school || ':' || version, ',' order by family, school)
          from route where route.studio_id = aim.studio_id)) as stamp
     from aim join study_set on study_set.id = aim.set_id join pupil on pupil.id = study_set.pupil_id
     left join syllabus on syllabus.studio_id = study_set.studio_id and syllabus.id = study_set.syllabus_id
     where aim.studio_id = $1 and pupil.archived_at is null order by pupil.created_at, study_set.created_at`,
    [studio],
  )
  return rows.map((row) => ({ setId: row.set_id, aim: aimOf(row), stamp: row.stamp }))
}

/** Writes an aim over the version that was seen; 0 where there was none. @returns null where it has moved on */
export async function writeAim(
  db: Db,
  studio: number,
  setId: string,
  version: number,
  document: Document,
): Promise<StoredAim | null> {
  const { rows } = await db.query<Row>(
    version === 0
      ? `insert into aim (set_id, studio_id, document) values ($1, $2, $3) on conflict do nothing returning *`
      : `update aim set document = $3, version = version + 1
         where set_id = $1 and studio_id = $2 and version = $4 returning *`,
    version === 0 ? [setId, studio, stamped('aim', document)] : [setId, studio, stamped('aim', document), version],
  )
  return rows[0] ? aimOf(rows[0]) : null
}
