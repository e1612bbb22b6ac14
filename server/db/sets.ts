import type { Pupil, SetListing, StudySet } from '#shared/api'
import type { Db } from './pool'
import { studiesOfSet } from './studies'

interface Row {
  id: string
  title: string
  syllabus_id: string | null
  grade_id: string | null
  version: number
  pupil_id: string
  pupil_name: string
}

/** What of a set its teacher changes; `studyIds` in order. */
export interface SetContent {
  readonly title: string
  readonly syllabusId: string | null
  readonly gradeId: string | null
  readonly studyIds: readonly string[]
}

export async function listPupils(db: Db, studio: number): Promise<Pupil[]> {
  const { rows: pupils } = await db.query<Omit<Pupil, 'sets'>>(
    'select id, name, instrument, note from pupil where studio_id = $1 order by created_at, name',
    [studio],
  )
  const { rows: sets } = await db.query<SetListing & { pupilId: string }>(
    `select study_set.id, study_set.title, pupil_id as "pupilId", syllabus_id as "syllabusId", grade_id as "gradeId",
       count(set_item.study_id)::int as studies
     from study_set left join set_item on set_item.set_id = study_set.id
     where study_set.studio_id = $1 group by study_set.id order by study_set.created_at, study_set.title`,
    [studio],
  )
  return pupils.map((pupil) => ({
    ...pupil,
    sets: sets.filter((set) => set.pupilId === pupil.id).map(({ pupilId: _, ...set }) => set),
  }))
}

export async function insertPupil(
  db: Db,
  studio: number,
  pupil: { name: string; instrument: string; note?: string },
): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    'insert into pupil (studio_id, name, instrument, note) values ($1, $2, $3, $4) returning id',
    [studio, pupil.name, pupil.instrument, pupil.note ?? ''],
  )
  return rows[0]!.id
}

export async function hasPupil(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query('select 1 from pupil where studio_id = $1 and id = $2', [studio, id])
  return rowCount === 1
}

export async function getSet(db: Db, studio: number, id: string): Promise<StudySet | null> {
  const { rows } = await db.query<Row>(
    `select study_set.id, study_set.title, syllabus_id, grade_id, version, pupil.id as pupil_id, pupil.name as pupil_name
     from study_set join pupil on pupil.id = study_set.pupil_id
     where study_set.studio_id = $1 and study_set.id = $2`,
    [studio, id],
  )
  const row = rows[0]
  if (!row) return null
  return {
    id: row.id,
    title: row.title,
    pupil: { id: row.pupil_id, name: row.pupil_name },
    syllabusId: row.syllabus_id,
    gradeId: row.grade_id,
    studies: await studiesOfSet(db, id),
    version: row.version,
  }
}

export async function insertSet(db: Db, studio: number, pupilId: string, title: string): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    'insert into study_set (studio_id, pupil_id, title) values ($1, $2, $3) returning id',
    [studio, pupilId, title],
  )
  return rows[0]!.id
}

/** Replaces a set's content if it still has `version`; false when it has moved on. Run it in a transaction. */
export async function updateSet(
  db: Db,
  studio: number,
  id: string,
  version: number,
  content: SetContent,
): Promise<boolean> {
  const { rowCount } = await db.query(
    `update study_set set title = $4, syllabus_id = $5, grade_id = $6, version = version + 1, updated_at = now()
     where studio_id = $1 and id = $2 and version = $3`,
    [studio, id, version, content.title, content.syllabusId, content.gradeId],
  )
  if (rowCount !== 1) return false
  await db.query('delete from set_item where set_id = $1', [id])
  await db.query(
    `insert into set_item (set_id, position, study_id)
     select $1, place - 1, study_id from unnest($2::uuid[]) with ordinality as item (study_id, place)`,
    [id, content.studyIds],
  )
  return true
}

/** Which of some studies are not in this studio. */
export async function unknownStudies(db: Db, studio: number, ids: readonly string[]): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    'select id::text from unnest($2::uuid[]) as asked (id) where id not in (select id from study where studio_id = $1)',
    [studio, ids],
  )
  return rows.map((row) => row.id)
}

export async function deleteSet(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from study_set where studio_id = $1 and id = $2', [studio, id])
  return rowCount === 1
}
