import { type Choices, gradeOf, type Order, practiceOrder, recipesForMissing, DEFAULT_POLICIES } from '#core/syllabus'
import { type Filled, MAX_STUDIES, type StudySet } from '#shared/api'
import {
  bringUpToDate,
  type Db,
  getPupil,
  getSet,
  getSyllabus,
  insertStudy,
  inSnapshot,
  holdSet,
  inTransaction,
  type StoredSyllabus,
  type SetContent,
  unfitStudies,
  updateSet,
  type Pool,
} from './db'
import { refuse } from './messages'
import { playerOf } from './players'
import { rememberPreferences } from './preferences'
import { notFound, stale } from './httpError'
import { cachedAnswer, playableIn } from './work'

/** The list of an id. @throws DomainError `syllabus.unknown` */
export async function syllabusFor(db: Db, studio: number, id: string): Promise<StoredSyllabus> {
  const syllabus = await getSyllabus(db, studio, id)
  if (!syllabus) throw refuse('syllabus.unknown', {}, 'syllabusId')
  return syllabus
}

/** The set of an id. @throws HttpError 404 */
export async function setFor(db: Db, studio: number, id: string): Promise<StudySet> {
  const set = await getSet(db, studio, id)
  if (!set) throw notFound('set')
  return set
}

export const policiesOf = (set: Pick<StudySet, 'policies'>) => ({ ...DEFAULT_POLICIES, ...set.policies })

export const recipesOf = (set: StudySet) => set.studies.map((study) => study.recipe)

async function checkContent(db: Db, studio: number, content: SetContent): Promise<void> {
  if (content.syllabusId && content.gradeId) {
    gradeOf((await syllabusFor(db, studio, content.syllabusId)).document, content.gradeId)
  }
  await checkStudies(db, studio, content.studyIds)
}

/** @throws DomainError for more than a set holds, or a study that there is not, or that is thrown away */
async function checkStudies(db: Db, studio: number, ids: readonly string[]): Promise<void> {
  if (ids.length > MAX_STUDIES) throw refuse('set.size', { count: ids.length, most: MAX_STUDIES }, 'studyIds')
  const { unknown, binned } = await unfitStudies(db, studio, ids)
  const at = (id: string | undefined) => `studyIds[${ids.indexOf(id!)}]`
  if (unknown.length > 0) throw refuse('study.unknown', {}, at(unknown[0]))
  if (binned.length > 0) throw refuse('study.binned', {}, at(binned[0]))
}

/**
 * Writes a set over the version that the writer saw, whole or not at all.
 * @throws HttpError 404, or 409 with the set as it stands; DomainError for an unknown study, syllabus or grade
 */
export function saveSet(
  pool: Pool,
  studio: number,
  id: string,
  version: number,
  content: SetContent,
): Promise<StudySet> {
  return inTransaction(pool, async (db) => {
    // a set that is not there is said before what is wrong with what would stand in it
    if (!(await holdSet(db, studio, id))) throw notFound('set')
    await checkContent(db, studio, content)
    const saved = await updateSet(db, studio, id, version, content)
    const set = await setFor(db, studio, id)
    if (!saved) throw stale('set', set)
    return set
  })
}

/** Writes other studies into a set, in this order; the rest of it stays. @throws HttpError 404, 409 */
export async function withStudies(
  db: Db,
  studio: number,
  set: StudySet,
  version: number,
  studyIds: readonly string[],
  graded: Pick<StudySet, 'syllabusId' | 'gradeId'> = set,
): Promise<StudySet> {
  const { syllabusId, gradeId } = graded
  await checkStudies(db, studio, studyIds)
  const content = { title: set.title, syllabusId, gradeId, studyIds }
  const saved = await updateSet(db, studio, set.id, version, content)
  const now = await setFor(db, studio, set.id)
  if (!saved) throw stale('set', now)
  return now
}

interface Filling {
  readonly syllabusId: string
  readonly gradeId: string
  readonly version: number
  /** Atoms to add; all that are missing unless named. */
  readonly only?: readonly string[]
  readonly choices?: Choices
}

/** The studies that fill a set's holes, worked out from one moment's set and list. */
async function fillingFor(pool: Pool, studio: number, id: string, filling: Filling) {
  const { set, document, preferences, player } = await inSnapshot(pool, async (db) => {
    const set = await setFor(db, studio, id)
    const { document } = await syllabusFor(db, studio, filling.syllabusId)
    const pupil = (await getPupil(db, studio, set.pupil.id))!
    return { set, document, preferences: pupil.preferences, player: await playerOf(db, studio, pupil) }
  })
  const grade = { list: document, grade: filling.gradeId, recipes: recipesOf(set), policies: policiesOf(set) }
  const report = await cachedAnswer('grade', grade)
  const recipes = recipesForMissing(document, report, {
    settings: player,
    choices: { ...preferences.choices, ...filling.choices },
    ...(filling.only ? { only: filling.only } : {}),
  })
  // told before the work of fingering them, and not only when the set cannot be changed any more
  const count = set.studies.length + recipes.length
  if (count > MAX_STUDIES) throw refuse('set.size', { count, most: MAX_STUDIES }, 'only')
  return { set, ...(await playableIn(recipes)) }
}

/**
 * Adds a study for every hole that a set has in a grade, in the pupil's settings and forms, which are remembered.
 * @throws as `saveSet`
 */
export async function addMissing(pool: Pool, studio: number, id: string, filling: Filling): Promise<Filled> {
  const { set, contents, refused } = await fillingFor(pool, studio, id, filling)
  return inTransaction(pool, async (db) => {
    if (filling.choices) await rememberPreferences(db, studio, set.pupil.id, { choices: filling.choices })
    const added: string[] = []
    for (const content of contents) added.push((await insertStudy(db, studio, content)).id)
    const studyIds = [...set.studies.map((study) => study.id), ...added]
    return { set: await withStudies(db, studio, set, filling.version, studyIds, filling), added: added.length, refused }
  })
}

/** Puts a set's studies into an order for practice. @throws as `saveSet` */
export function orderSet(pool: Pool, studio: number, id: string, by: Order, version: number): Promise<StudySet> {
  return inTransaction(pool, async (db) => {
    const set = await setFor(db, studio, id)
    const order = practiceOrder(set.studies, by)
    return withStudies(
      db,
      studio,
      set,
      version,
      order.map((at) => set.studies[at]!.id),
    )
  })
}

/** Takes note that a set is what its list asks now. @throws HttpError 404, 409 */
export function settleSet(pool: Pool, studio: number, id: string, version: number): Promise<StudySet> {
  return inTransaction(pool, async (db) => {
    const set = await setFor(db, studio, id)
    const same = set.studies.map((study) => study.id)
    await withStudies(db, studio, set, version, same)
    await bringUpToDate(db, studio, id)
    return setFor(db, studio, id)
  })
}
