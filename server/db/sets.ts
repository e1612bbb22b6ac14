import type { Policies } from '#core/syllabus'
import type { Pupil, StudySet } from '#shared/api'
import type { Db } from './pool'
import { studiesOfSets } from './studies'

interface Row {
  id: string
  title: string
  syllabus_id: string | null
  grade_id: string | null
  version: number
  pupil_id: string
  pupil_name: string
  pupil_instrument: Pupil['instrument']
  policies: Partial<Policies>
  syllabus_version: number | null
}

/** What of a set its teacher changes; `studyIds` in order. */
export interface SetContent {
  readonly title: string
  readonly syllabusId: string | null
  readonly gradeId: string | null
  readonly studyIds: readonly string[]
  /** What counts; the set keeps its own where none are named. */
  readonly policies?: Partial<Policies>
}

/** Sets of a studio by their ids, with their studies; what there is not is left out. */
export async function getSets(db: Db, studio: number, ids: readonly string[]): Promise<StudySet[]> {
  const { rows } = await db.query<Row>(
    `select study_set.id, study_set.title, syllabus_id, grade_id, study_set.version, policies, syllabus_version,
       pupil.id as pupil_id, pupil.name as pupil_name, pupil.instrument as pupil_instrument
     from study_set join pupil on pupil.id = study_set.pupil_id
     where study_set.studio_id = $1 and study_set.id = any($2::uuid[])`,
    [studio, ids],
  )
  const studies = await studiesOfSets(db, studio, ids)
  return rows.map((row) => ({
    id: row.id,
    title: row.title,
    pupil: { id: row.pupil_id, name: row.pupil_name, instrument: row.pupil_instrument },
    syllabusId: row.syllabus_id,
    gradeId: row.grade_id,
    policies: row.policies,
    syllabusVersion: row.syllabus_version,
    studies: studies.get(row.id) ?? [],
    version: row.version,
  }))
}

export const getSet = async (db: Db, studio: number, id: string): Promise<StudySet | null> =>
  (await getSets(db, studio, [id]))[0] ?? null

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
    // another list, or another grade of it: the set is up to what that list says now
    `update study_set set title = $4, policies = coalesce($7, policies), version = version + 1, updated_at = now(),
       syllabus_version = case
         when syllabus_id is not distinct from $5 and grade_id is not distinct from $6 and syllabus_version is not null
         then syllabus_version
         else (select syllabus.version from syllabus where syllabus.studio_id = $1 and syllabus.id = $5) end,
       syllabus_id = $5, grade_id = $6
     where studio_id = $1 and id = $2 and version = $3`,
    [studio, id, version, content.title, content.syllabusId, content.gradeId, content.policies ?? null],
  )
  if (rowCount !== 1) return false
  await db.query('delete from set_item where set_id = $1', [id])
  await db.query(
    `insert into set_item (studio_id, set_id, position, study_id)
     select $1, $2, place - 1, study_id from unnest($3::uuid[]) with ordinality as item (study_id, place)`,
    [studio, id, content.studyIds],
  )
  return true
}

/** Which of some studies are not in this studio, and which are thrown away. */
interface Unfit {
  readonly unknown: readonly string[]
  readonly binned: readonly string[]
}

/** Studies that no set can hold. The others stay as they are, and where they are, until the transaction ends. */
export async function unfitStudies(db: Db, studio: number, ids: readonly string[]): Promise<Unfit> {
  const { rows } = await db.query<{ id: string; binned: boolean }>(
    `select id, binned_at is not null as binned from study where studio_id = $1 and id = any($2::uuid[])
     order by id for key share`,
    [studio, ids],
  )
  const known = new Set(rows.map((row) => row.id))
  return {
    unknown: ids.filter((id) => !known.has(id)),
    binned: rows.flatMap(({ id, binned }) => (binned ? [id] : [])),
  }
}

/** Marks a set as brought up to what its list says now. */
export async function bringUpToDate(db: Db, studio: number, id: string): Promise<void> {
  await db.query(
    `update study_set set syllabus_version = syllabus.version from syllabus
     where study_set.studio_id = $1 and study_set.id = $2
       and syllabus.studio_id = study_set.studio_id and syllabus.id = study_set.syllabus_id`,
    [studio, id],
  )
}

/** How many sets hold a study. */
export async function setsWith(db: Db, studio: number, studyId: string): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    `select count(distinct set_id)::int as count from set_item join study on study.id = set_item.study_id
     where study.studio_id = $1 and study_id = $2`,
    [studio, studyId],
  )
  return rows[0]!.count
}
