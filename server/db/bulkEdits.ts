import type { Study } from '#shared/api'
import { currentDocument, stamped } from '#shared/documents'
import type { Db } from './pool'

/** A study as it stood before a change, with the version that the change made of it. */
export type Before = Pick<Study, 'id' | 'recipe' | 'accepted' | 'version'>

/** Keeps how studies stood before several were changed at once. @returns the id of the change */
export async function insertChange(db: Db, studio: number, studies: readonly Before[]): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    'insert into bulk_edit (studio_id, document) values ($1, $2) returning id',
    [studio, stamped('bulk-edit', { studies })],
  )
  return rows[0]!.id
}

/** Takes a change out, to be undone by nobody else; null where there is none. */
export async function takeChange(db: Db, studio: number, id: string): Promise<readonly Before[] | null> {
  const { rows } = await db.query<{ document: object }>(
    'delete from bulk_edit where studio_id = $1 and id = $2 returning document',
    [studio, id],
  )
  return rows[0] ? (currentDocument('bulk-edit', rows[0].document).studies as Before[]) : null
}

/** Names of the pupils whose sets hold some studies, by the study. */
export async function holdersOf(db: Db, studio: number, ids: readonly string[]): Promise<Map<string, string[]>> {
  const { rows } = await db.query<{ id: string; pupils: string[] }>(
    `select study_id as id, array_agg(distinct pupil.name order by pupil.name) as pupils
     from set_item join study_set on study_set.id = set_item.set_id join pupil on pupil.id = study_set.pupil_id
     where study_set.studio_id = $1 and study_id = any($2::uuid[]) group by study_id`,
    [studio, ids],
  )
  return new Map(rows.map(({ id, pupils }) => [id, pupils]))
}
