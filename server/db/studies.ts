import type { Accepted } from '#core/realise'
import type { Recipe } from '#core/instrument'
import type { Study } from '#shared/api'
import type { Db } from './pool'

interface Row {
  id: string
  title: string
  recipe: Recipe
  accepted: Accepted
  version: number
  updated_at: Date
}

const COLUMNS = 'study.id, study.title, study.recipe, study.accepted, study.version, study.updated_at'

const studyOf = (row: Row): Study => ({
  id: row.id,
  title: row.title,
  recipe: row.recipe,
  accepted: row.accepted,
  version: row.version,
  updatedAt: row.updated_at.toISOString(),
})

/** What a study holds besides its identity. */
export interface StudyContent {
  readonly title: string
  readonly recipe: Recipe
  readonly accepted: Accepted
}

export async function getStudy(db: Db, studio: number, id: string): Promise<Study | null> {
  const { rows } = await db.query<Row>(`select ${COLUMNS} from study where studio_id = $1 and id = $2`, [studio, id])
  return rows[0] ? studyOf(rows[0]) : null
}

/**
 * Stores a new study.
 * @param id chosen by whoever sends it, so that a study sent twice is kept once: then what was stored first comes back
 */
export async function insertStudy(db: Db, studio: number, study: StudyContent, id?: string): Promise<Study> {
  const { rows } = await db.query<Row>(
    `insert into study (id, studio_id, title, recipe, accepted) values (coalesce($5, gen_random_uuid()), $1, $2, $3, $4)
     on conflict (id) do nothing returning ${COLUMNS}`,
    [studio, study.title, study.recipe, study.accepted, id ?? null],
  )
  const stored = rows[0] ? studyOf(rows[0]) : await getStudy(db, studio, id!)
  if (!stored) throw new Error('The id belongs to a study of another studio.')
  return stored
}

/** Writes only over the version that the writer has seen; null when it is not that any more. */
export async function updateStudy(
  db: Db,
  studio: number,
  id: string,
  version: number,
  study: StudyContent,
): Promise<Study | null> {
  const { rows } = await db.query<Row>(
    `update study set title = $4, recipe = $5, accepted = $6, version = version + 1, updated_at = now()
     where studio_id = $1 and id = $2 and version = $3 returning ${COLUMNS}`,
    [studio, id, version, study.title, study.recipe, study.accepted],
  )
  return rows[0] ? studyOf(rows[0]) : null
}

export async function deleteStudy(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from study where studio_id = $1 and id = $2', [studio, id])
  return rowCount === 1
}

/** Studies of a set in their order. */
export async function studiesOfSet(db: Db, setId: string): Promise<Study[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS} from set_item join study on study.id = set_item.study_id
     where set_item.set_id = $1 order by set_item.position`,
    [setId],
  )
  return rows.map(studyOf)
}
