import { atomsOf, type Syllabus } from '#core/syllabus'
import type { SyllabusListing } from '#shared/api'
import type { Db } from './pool'

/** A list as it is kept. */
export interface StoredSyllabus {
  readonly document: Syllabus
  readonly shipped: boolean
  readonly version: number
}

const COLUMNS = 'document, shipped, version'

export async function allSyllabi(db: Db, studio: number): Promise<StoredSyllabus[]> {
  const { rows } = await db.query<StoredSyllabus>(
    `select ${COLUMNS} from syllabus where studio_id = $1 order by created_at, id`,
    [studio],
  )
  return rows
}

/** Lists of what exams ask, without the courses of a studio. */
export const examSyllabi = async (db: Db, studio: number): Promise<StoredSyllabus[]> =>
  (await allSyllabi(db, studio)).filter(({ document }) => document.purpose !== 'course')

export async function listSyllabi(db: Db, studio: number): Promise<SyllabusListing[]> {
  const syllabi = await allSyllabi(db, studio)
  return syllabi.map(({ document, shipped, version }) => ({
    ...{ id: document.id, title: document.title, board: document.board, edition: document.edition },
    ...{ instrument: document.instrument, follows: document.follows, shipped, version },
    isCourse: document.purpose === 'course',
    grades: document.grades.map((grade) => ({
      id: grade.id,
      title: grade.title,
      atoms: atomsOf(document, grade).length,
    })),
  }))
}

export async function getSyllabus(db: Db, studio: number, id: string): Promise<StoredSyllabus | null> {
  const { rows } = await db.query<StoredSyllabus>(`select ${COLUMNS} from syllabus where studio_id = $1 and id = $2`, [
    studio,
    id,
  ])
  return rows[0] ?? null
}

/** A list as it was at a version; the one that stands is not among them. */
export async function pastSyllabus(db: Db, studio: number, id: string, version: number): Promise<Syllabus | null> {
  const { rows } = await db.query<{ document: Syllabus }>(
    'select document from syllabus_past where studio_id = $1 and id = $2 and version = $3',
    [studio, id, version],
  )
  return rows[0]?.document ?? null
}

/** Versions that were, the latest first. */
export async function pastVersions(
  db: Db,
  studio: number,
  id: string,
): Promise<{ version: number; savedAt: string }[]> {
  const { rows } = await db.query<{ version: number; saved_at: Date }>(
    'select version, saved_at from syllabus_past where studio_id = $1 and id = $2 order by version desc limit 50',
    [studio, id],
  )
  return rows.map(({ version, saved_at }) => ({ version, savedAt: saved_at.toISOString() }))
}

/** Stores a new syllabus; false when its id is taken. */
export async function insertSyllabus(db: Db, studio: number, document: Syllabus, shipped = false): Promise<boolean> {
  const { rowCount } = await db.query(
    'insert into syllabus (studio_id, id, document, shipped) values ($1, $2, $3, $4) on conflict do nothing',
    [studio, document.id, document, shipped],
  )
  return rowCount === 1
}

/**
 * Writes a teacher's own list over the version that the writer has seen, and keeps what it said before. Run it in a
 * transaction. @returns false when it has moved on, or is shipped
 */
export async function updateSyllabus(db: Db, studio: number, version: number, document: Syllabus): Promise<boolean> {
  const key = [studio, document.id, version]
  const { rowCount } = await db.query(
    `insert into syllabus_past (studio_id, id, version, document)
     select studio_id, id, version, document from syllabus
     where studio_id = $1 and id = $2 and version = $3 and not shipped for update
     on conflict do nothing`,
    key,
  )
  if (rowCount !== 1) return false
  await db.query(
    `update syllabus set document = $4, version = version + 1, updated_at = now()
     where studio_id = $1 and id = $2 and version = $3`,
    [...key, document],
  )
  return true
}

/** Lays a shipped list down anew, whatever it said before. */
export async function shipSyllabus(db: Db, studio: number, document: Syllabus): Promise<void> {
  await db.query(
    `insert into syllabus (studio_id, id, document, shipped) values ($1, $2, $3, true)
     on conflict (studio_id, id) do update set document = excluded.document where syllabus.shipped`,
    [studio, document.id, document],
  )
}

/** Replaces a document by the same one in the shape of today. */
export async function reshapeSyllabus(db: Db, studio: number, document: Syllabus): Promise<void> {
  await db.query('update syllabus set document = $3 where studio_id = $1 and id = $2', [studio, document.id, document])
}

/** Sets that are graded by a list. */
export async function setsGradedBy(
  db: Db,
  studio: number,
  id: string,
): Promise<{ id: string; title: string; pupil: string; gradeId: string | null }[]> {
  const { rows } = await db.query<{ id: string; title: string; pupil: string; gradeId: string | null }>(
    `select study_set.id, study_set.title, pupil.name as pupil, grade_id as "gradeId"
     from study_set join pupil on pupil.id = study_set.pupil_id
     where study_set.studio_id = $1 and syllabus_id = $2 order by pupil.name, study_set.created_at`,
    [studio, id],
  )
  return rows
}
