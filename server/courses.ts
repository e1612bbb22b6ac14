import { completeRecipe, type PlayerSettings, type Recipe, taughtOf } from '#core/instrument'
import { gradeSet, recipesForMissing, type Syllabus } from '#core/syllabus'
import type { Preferences, Pupil } from '#shared/api'
import type { LearningCourse } from '#shared/lessonFile'
import { courseFor } from '#shared/courses'
import type { Wording } from '#shared/wording'
import { allSyllabi, type Db, inTransaction, insertSyllabus, type Pool } from './db'
import { refuse } from './messages'
import { playerOf } from './players'

/** The course that comes with the program for a list of instruments, as it is called in a language; null where there is none. */
const shippedCourse = (list: string, w: Wording): Syllabus | null =>
  courseFor(list, {
    title: w.text('course.title', { list }),
    level: (level) => w.text('course.level', { level }),
  })

/** A studio's own courses for a list of instruments, the latest first. */
async function ownCourses(db: Db, studio: number): Promise<Syllabus[]> {
  const all = await allSyllabi(db, studio)
  return all.map(({ document }) => document).filter(({ purpose }) => purpose === 'course')
}

/** Studies of a course from a level on, in its order and in the pupil's own settings. */
function studiesFrom(
  course: Syllabus,
  level: number,
  { choices = {} }: Preferences,
  settings: PlayerSettings,
): Recipe[] {
  return course.grades
    .slice(level)
    .flatMap(({ id }) => recipesForMissing(course, gradeSet(course, id, []), { settings, choices }))
    .map((recipe) => completeRecipe(recipe))
}

/** What a pupil learns level by level: the list that was chosen, else the studio's own course, else the program's. */
export async function courseOf(
  db: Db,
  studio: number,
  pupil: Omit<Pupil, 'sets'>,
  w: Wording,
): Promise<LearningCourse | null> {
  const { list } = taughtOf(pupil.instrument)
  const { courseId, level } = pupil.learning
  const own = await ownCourses(db, studio)
  const chosen = own.find(({ id }) => id === courseId) ?? own.findLast(({ instrument }) => instrument === list)
  const course = chosen ?? shippedCourse(list, w)
  if (!course) return null
  const at = Math.min(course.grades.length, Math.max(1, level ?? 1)) - 1
  return {
    ...{ id: chosen?.id ?? null, title: course.title, level: at },
    levels: course.grades.map(({ title }) => title),
    recipes: studiesFrom(course, at, pupil.preferences, await playerOf(db, studio, pupil)),
  }
}

/**
 * Makes the studio's own course for a list of instruments, to be changed: a copy of the program's. One that there is
 * already stays as it is. @returns its id @throws DomainError `syllabus.unknown` where there is no course for it
 */
export const ownCourse = (pool: Pool, studio: number, list: string, w: Wording): Promise<string> =>
  inTransaction(pool, async (db) => {
    const own = (await ownCourses(db, studio)).findLast(({ instrument }) => instrument === list)
    if (own) return own.id
    const course = shippedCourse(list, w)
    if (!course) throw refuse('syllabus.unknown', {}, 'list')
    await insertSyllabus(db, studio, course)
    return course.id
  })
