import type { Date } from '#core/practice'
import type { StoredLesson, StoredWeek } from '#shared/api'
import { contentOf, stamped } from '#shared/documents'
import type { Db } from './pool'

interface LessonRow {
  pupil_id: string
  date: Date
  document: Omit<StoredLesson, 'date' | 'version'>
  version: number
}
const lessonOf = ({ date, document, version }: LessonRow): StoredLesson => ({
  ...contentOf<LessonRow['document']>('lesson', document),
  date,
  version,
})

/** What is written of a pupil's lessons between two days, in order. */
export async function listLessons(
  db: Db,
  studio: number,
  pupilId: string,
  { from, until }: { readonly from: Date; readonly until: Date },
): Promise<StoredLesson[]> {
  const { rows } = await db.query<LessonRow>(
    `select pupil_id, date, document, version from lesson
     where studio_id = $1 and pupil_id = $2 and date between $3 and $4 order by date`,
    [studio, pupilId, from, until],
  )
  return rows.map(lessonOf)
}

/** What is written of anybody's lesson on a day, by the pupil. */
export async function lessonsOf(db: Db, studio: number, date: Date): Promise<Map<string, StoredLesson>> {
  const { rows } = await db.query<LessonRow>(
    'select pupil_id, date, document, version from lesson where studio_id = $1 and date = $2',
    [studio, date],
  )
  return new Map(rows.map((row) => [row.pupil_id, lessonOf(row)]))
}

/** What is written of one lesson; null where nothing is. */
export async function getLesson(db: Db, studio: number, pupilId: string, date: Date): Promise<StoredLesson | null> {
  const [found] = await listLessons(db, studio, pupilId, { from: date, until: date })
  return found ?? null
}

/** Writes a lesson over the version that was seen; 0 where there was none. @returns null where it has moved on */
export async function writeLesson(
  db: Db,
  studio: number,
  pupilId: string,
  { date, version, ...document }: StoredLesson,
): Promise<StoredLesson | null> {
  const stored = stamped('lesson', document)
  const { rows } = await db.query<LessonRow>(
    version === 0
      ? `insert into lesson (studio_id, pupil_id, date, document) values ($1, $2, $3, $4)
         on conflict do nothing returning pupil_id, date, document, version`
      : `update lesson set document = $4, version = version + 1
         where studio_id = $1 and pupil_id = $2 and date = $3 and version = $5
         returning pupil_id, date, document, version`,
    version === 0 ? [studio, pupilId, date, stored] : [studio, pupilId, date, stored, version],
  )
  return rows[0] ? lessonOf(rows[0]) : null
}

/** Takes a planned lesson away that nothing was noted of. */
export const deletePlannedLesson = (db: Db, studio: number, pupilId: string, date: Date) =>
  db.query(
    `delete from lesson where studio_id = $1 and pupil_id = $2 and date = $3
     and document->>'status' = 'planned' and document->>'note' = ''`,
    [studio, pupilId, date],
  )

interface WeekRow {
  starts: Date
  document: Omit<StoredWeek, 'from' | 'version'>
  version: number
}
const weekOf = ({ starts, document, version }: WeekRow): StoredWeek => ({
  ...contentOf<WeekRow['document']>('week', document),
  from: starts,
  version,
})

/** The latest weeks of a pupil that begin no later than a day, the last one first. */
export async function listWeeks(db: Db, studio: number, pupilId: string, until: Date, most: number) {
  const { rows } = await db.query<WeekRow>(
    `select starts, document, version from week
     where studio_id = $1 and pupil_id = $2 and starts <= $3 order by starts desc limit $4`,
    [studio, pupilId, until, most],
  )
  return rows.map(weekOf)
}

/** Writes a week over the version that was seen; 0 where there was none. @returns null where it has moved on */
export async function writeWeek(
  db: Db,
  studio: number,
  pupilId: string,
  { from, version, ...document }: StoredWeek,
): Promise<StoredWeek | null> {
  const stored = stamped('week', document)
  const { rows } = await db.query<WeekRow>(
    version === 0
      ? `insert into week (studio_id, pupil_id, starts, document) values ($1, $2, $3, $4)
         on conflict do nothing returning starts, document, version`
      : `update week set document = $4, version = version + 1
         where studio_id = $1 and pupil_id = $2 and starts = $3 and version = $5 returning starts, document, version`,
    version === 0 ? [studio, pupilId, from, stored] : [studio, pupilId, from, stored, version],
  )
  return rows[0] ? weekOf(rows[0]) : null
}

/** Takes a week away over the version that was seen, so that it is proposed again. @returns false where it has moved on */
export async function deleteWeek(db: Db, studio: number, pupilId: string, from: Date, version: number) {
  const { rowCount } = await db.query(
    'delete from week where studio_id = $1 and pupil_id = $2 and starts = $3 and version = $4',
    [studio, pupilId, from, version],
  )
  return rowCount === 1
}
