import type { KeptAim } from '#shared/api'
import type { Db } from './pool'

type Document = Omit<KeptAim, 'version'>
interface Row {
  set_id: string
  document: Document
  version: number
}
const aimOf = ({ document, version }: Row): KeptAim => ({ ...document, version })

export async function getAim(db: Db, studio: number, setId: string): Promise<KeptAim | null> {
  const { rows } = await db.query<Row>('select * from aim where studio_id = $1 and set_id = $2', [studio, setId])
  return rows[0] ? aimOf(rows[0]) : null
}

/** Every aim of a studio, by its set; of pupils who still come. */
export async function listAims(db: Db, studio: number): Promise<Map<string, KeptAim>> {
  const { rows } = await db.query<Row>(
    `select aim.* from aim join study_set on study_set.id = aim.set_id join pupil on pupil.id = study_set.pupil_id
     where aim.studio_id = $1 and pupil.archived_at is null`,
    [studio],
  )
  return new Map(rows.map((row) => [row.set_id, aimOf(row)]))
}

/** Writes an aim over the version that was seen; 0 where there was none. @returns null where it has moved on */
export async function writeAim(
  db: Db,
  studio: number,
  setId: string,
  version: number,
  document: Document,
): Promise<KeptAim | null> {
  const { rows } = await db.query<Row>(
    version === 0
      ? `insert into aim (set_id, studio_id, document) values ($1, $2, $3) on conflict do nothing returning *`
      : `update aim set document = $3, version = version + 1
         where set_id = $1 and studio_id = $2 and version = $4 returning *`,
    version === 0 ? [setId, studio, document] : [setId, studio, document, version],
  )
  return rows[0] ? aimOf(rows[0]) : null
}
