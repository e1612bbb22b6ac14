import { type Date, dateOf, dayOf } from '#core/practice'
import { lessonOn } from '#core/lesson'
import type { DayLesson, Pupil, StoredLesson, StoredWeek } from '#shared/api'
import type { LessonFile } from '#shared/lessonFile'
import { packed } from '#shared/preparation'
import type { Wording } from '#shared/wording'
import { courseOf } from './courses'
import {
  type Db,
  deletePlannedLesson,
  deleteWeek,
  getLesson,
  getPupil,
  getSets,
  holdPupil,
  inSnapshot,
  inTransaction,
  lessonsOf,
  listEntries,
  listLessons,
  listPupils,
  listRoutes,
  listWeeks,
  type Pool,
  studiesNamed,
  writeLesson,
  writeWeek,
} from './db'
import { notFound, stale } from './httpError'
import { refuse } from './messages'
import { practiceFileOf } from './practice'
import { today } from './clock'

/** Days before and after today of which lessons are told. */
const AROUND = 70

/** @throws HttpError 404 */
async function pupilFor(db: Db, studio: number, id: string): Promise<Pupil> {
  const pupil = (await listPupils(db, studio)).find((each) => each.id === id)
  if (!pupil) throw notFound('pupil')
  return pupil
}

/** Lessons of a day in the order of their times: by the timetable, and what was written otherwise. */
export async function dayLessons(db: Db, studio: number, date: Date): Promise<DayLesson[]> {
  const written = await lessonsOf(db, studio, date)
  const lessons = (await listPupils(db, studio)).flatMap((pupil): DayLesson[] => {
    const own = written.get(pupil.id)
    const lesson = pupil.archived ? null : lessonOn(pupil.lessons, own ? [own] : [], date)
    if (!lesson) return []
    const { id: pupilId, name, instrument } = pupil
    const { date: _, ...rest } = lesson
    return [{ pupilId, name, instrument, ...rest, version: own?.version ?? 0 }]
  })
  return lessons.sort((a, b) => (a.time < b.time ? -1 : a.time > b.time ? 1 : 0))
}

/** The set that a lesson is about: the one that is named, else the one with an exam ahead, else the first that has studies. */
async function setIdFor(db: Db, studio: number, pupil: Pupil, named: string | undefined): Promise<string | null> {
  const ids = pupil.sets.filter(({ studies }) => studies > 0).map(({ id }) => id)
  if (named && ids.includes(named)) return named
  const { rows } = await db.query<{ set_id: string }>(
    `select set_id from aim where studio_id = $1 and set_id = any($2::uuid[]) and document->>'exam' > $3
     order by document->>'exam' limit 1`,
    [studio, ids, today()],
  )
  return rows[0]?.set_id ?? ids[0] ?? null
}

/** A week that was set so many days ago, on no lesson's day, was prepared for this lesson. */
const PREPARED = 3

/** Whether a week is the one that is set now: today, or in the days before, when it was prepared. */
function isCurrent({ from }: StoredWeek, { lessons }: Pupil, written: readonly StoredLesson[], now: Date): boolean {
  if (from === now) return true
  return dayOf(now)! - dayOf(from)! <= PREPARED && lessonOn(lessons, written, from) === null
}

/** Everything that a pupil's lesson today is worked out from, of one moment. @throws HttpError 404 */
export const lessonOf = (pool: Pool, studio: number, pupilId: string, about: About): Promise<LessonFile> =>
  inSnapshot(pool, (db) => lessonFileOf(db, studio, pupilId, about))

/** The set that a lesson is about, where one is named, and in whose words courses are called. */
interface About {
  readonly set: string | undefined
  readonly words: Wording
}

/** The same in a transaction of its caller's. @throws HttpError 404 */
export async function lessonFileOf(
  db: Db,
  studio: number,
  pupilId: string,
  { set, words }: About,
): Promise<LessonFile> {
  const pupil = await pupilFor(db, studio, pupilId)
  const setId = await setIdFor(db, studio, pupil, set)
  const now = today()
  const around = { from: dateOf(dayOf(now)! - AROUND), until: dateOf(dayOf(now)! + AROUND) }
  const record = await listEntries(db, studio, pupilId)
  const otherIds = pupil.sets.flatMap(({ id }) => (id === setId ? [] : [id]))
  const [latest, second] = await listWeeks(db, studio, pupilId, now, 2)
  const lessons = await listLessons(db, studio, pupilId, around)
  const isNow = latest !== undefined && isCurrent(latest, pupil, lessons, now)
  return {
    pupil,
    practice: setId ? await practiceFileOf(db, studio, setId, record) : null,
    others: (await getSets(db, studio, otherIds)).flatMap(({ studies }) =>
      studies.map(({ id, recipe }) => ({ id, recipe })),
    ),
    record: packed(record),
    routes: await listRoutes(db, studio),
    course: await courseOf(db, studio, pupil, words),
    lessons,
    week: isNow ? latest : null,
    before: (isNow ? second : latest) ?? null,
    today: now,
  }
}

/** The day that a lesson is held on instead gets one, unless something is written of it. */
async function moveTo(
  db: Db,
  studio: number,
  pupilId: string,
  { movedTo, time, minutes }: StoredLesson,
): Promise<void> {
  const there = await getLesson(db, studio, pupilId, movedTo!)
  await writeLesson(db, studio, pupilId, {
    ...{ date: movedTo!, status: 'planned', time, minutes, note: there?.note ?? '', movedTo: null },
    version: there?.version ?? 0,
  })
}

/** Writes what became of a lesson. @throws HttpError 404, 409 with the lesson as it stands */
export function saveLesson(pool: Pool, studio: number, pupilId: string, lesson: StoredLesson): Promise<StoredLesson> {
  if (lesson.movedTo === lesson.date) throw refuse('lesson.same-day', {}, 'movedTo')
  return inTransaction(pool, async (db) => {
    if (!(await holdPupil(db, studio, pupilId))) throw notFound('pupil')
    const before = await getLesson(db, studio, pupilId, lesson.date)
    const saved = await writeLesson(db, studio, pupilId, lesson)
    if (!saved) throw stale('lesson', await getLesson(db, studio, pupilId, lesson.date))
    // one that is moved no more, or to another day, leaves no second lesson behind
    if (before?.movedTo && before.movedTo !== saved.movedTo)
      await deletePlannedLesson(db, studio, pupilId, before.movedTo)
    if (saved.status === 'moved') await moveTo(db, studio, pupilId, saved)
    return saved
  })
}

/** A study of a line that is not in the library any more stays in the week as it was set. */
async function withKnownStudies(db: Db, studio: number, { lines, ...week }: StoredWeek): Promise<StoredWeek> {
  const ids = lines.flatMap(({ studyId }) => studyId ?? [])
  const known = new Set((await studiesNamed(db, studio, ids)).map(({ id }) => id))
  return {
    ...week,
    lines: lines.map((line) => (line.studyId && !known.has(line.studyId) ? { ...line, studyId: null } : line)),
  }
}

/** Weeks that are told of at the most: two years. */
const MAX_WEEKS = 104

/** What was set for a pupil, week by week, the last first. @throws HttpError 404 */
export async function weeksOf(db: Db, studio: number, pupilId: string): Promise<StoredWeek[]> {
  if (!(await getPupil(db, studio, pupilId))) throw notFound('pupil')
  return listWeeks(db, studio, pupilId, today(), MAX_WEEKS)
}

/** Writes a week, or with no lines takes it back, so that it is proposed anew. @throws HttpError 404, 409 with the week as it stands */
export function saveWeek(pool: Pool, studio: number, pupilId: string, week: StoredWeek): Promise<StoredWeek> {
  return inTransaction(pool, async (db) => {
    if (!(await holdPupil(db, studio, pupilId))) throw notFound('pupil')
    const saved = await writeWeek(db, studio, pupilId, await withKnownStudies(db, studio, week))
    if (saved) return saved
    const [latest] = await listWeeks(db, studio, pupilId, week.from, 1)
    throw stale('week', latest ?? null)
  })
}

/** Takes a week away, so that it is proposed again. @throws HttpError 404, 409 */
export function dropWeek(
  pool: Pool,
  studio: number,
  pupilId: string,
  { from, version }: Pick<StoredWeek, 'from' | 'version'>,
): Promise<void> {
  return inTransaction(pool, async (db) => {
    if (!(await getPupil(db, studio, pupilId))) throw notFound('pupil')
    if (await deleteWeek(db, studio, pupilId, from, version)) return
    const [latest] = await listWeeks(db, studio, pupilId, from, 1)
    throw stale('week', latest ?? null)
  })
}
