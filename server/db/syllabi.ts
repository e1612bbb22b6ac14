import { expand, type Syllabus } from '#core/syllabus'
import type { SyllabusListing } from '#shared/api'
import type { Db } from './pool'

export async function allSyllabi(db: Db, studio: number): Promise<{ document: Syllabus; shipped: boolean }[]> {
  const { rows } = await db.query<{ document: Syllabus; shipped: boolean }>(
    'select document, shipped from syllabus where studio_id = $1 order by created_at, id',
    [studio],
  )
  return rows
}

export async function listSyllabi(db: Db, studio: number): Promise<SyllabusListing[]> {
  const syllabi = await allSyllabi(db, studio)
  return syllabi.map(({ document: { id, title, board, edition, grades }, shipped }) => ({
    id,
    title,
    board,
    edition,
    shipped,
    grades: grades.map((grade) => ({ id: grade.id, title: grade.title, atoms: expand(grade).length })),
  }))
}

export async function getSyllabus(db: Db, studio: number, id: string): Promise<Syllabus | null> {
  const { rows } = await db.query<{ document: Syllabus }>(
    'select document from syllabus where studio_id = $1 and id = $2',
    [studio, id],
  )
  return rows[0]?.document ?? null
}

/** Stores a new syllabus; false when its id is taken. */
export async function insertSyllabus(db: Db, studio: number, document: Syllabus, shipped = false): Promise<boolean> {
  const { rowCount } = await db.query(
    'insert into syllabus (studio_id, id, document, shipped) values ($1, $2, $3, $4) on conflict do nothing',
    [studio, document.id, document, shipped],
  )
  return rowCount === 1
}
