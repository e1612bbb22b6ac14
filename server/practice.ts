import { listed } from '#core/message'
import { families, type Recipe } from '#core/instrument'
import {
  checkAim,
  type Correction,
  dayOf,
  type Entry,
  type Examined,
  type GradeInstead,
  practisedBeside,
  type WhoPlays,
} from '#core/practice'
import { techniqueMinutes } from '#core/lesson'
import { fullGrade, atomsOf, drawOf, type ExamDraw, gradeOf, type GradeReport } from '#core/syllabus'
import type {
  Pupil,
  StoredAim,
  StoredEntry,
  StoredRoute,
  PracticeFile,
  SetReadiness,
  StudySet,
  Syllabus,
} from '#shared/api'
import {
  type Db,
  deleteRoute,
  getAim,
  getPupil,
  holdSet,
  inSnapshot,
  inTransaction,
  listEntries,
  listRoutes,
  listWeeks,
  type Pool,
  writeAim,
  writeRoute,
} from './db'
import { refuse } from './messages'
import { notFound, stale } from './httpError'
import { correctionOf } from './forecasts'
import { packed } from '#shared/preparation'
import type { Planning } from './planning'
import { today } from './clock'
import { playerNamed } from './players'
import { policiesOf, setFor, syllabusFor } from './sets'
import { cachedAnswer } from './work'

interface Graded {
  readonly draw: ExamDraw
  readonly list: Syllabus
  readonly examined: Examined
}

export const isGraded = (set: StudySet): boolean => Boolean(set.syllabusId && set.gradeId && set.studies.length > 0)

/** What a set's grade draws from, and how the set stands against it; null where it has none. */
async function gradedFor(db: Db, studio: number, set: StudySet, record: readonly Entry[]): Promise<Graded | null> {
  if (!isGraded(set)) return null
  return gradedBy(set, (await syllabusFor(db, studio, set.syllabusId!)).document, record)
}

/** What a grade draws from: what the set has for it, and what the record has besides. */
export async function drawBy(
  examined: Examined,
  recipes: readonly Recipe[],
  report: GradeReport,
  record: readonly Entry[],
): Promise<ExamDraw> {
  const { list } = examined
  const grade = gradeOf(list, examined.grade)
  const beside = practisedBeside(recipes, record)
  const known = beside.length > 0 ? await cachedAnswer('grade', { ...examined, recipes: beside }) : { atoms: [] }
  return drawOf(fullGrade(list, grade), atomsOf(list, grade), report, { recipes: beside, report: known })
}

/** The same for a list that is known. */
export async function gradedBy(set: StudySet, document: Syllabus, record: readonly Entry[]): Promise<Graded> {
  const grade = gradeOf(document, set.gradeId!)
  const recipes = set.studies.map(({ recipe }) => recipe)
  const policies = policiesOf(set)
  const examined = { list: document, grade: grade.id, policies }
  const report = await cachedAnswer('grade', { ...examined, recipes })
  const draw = await drawBy(examined, recipes, report, record)
  return { draw, list: document, examined: { ...examined, list: { ...document, grades: [grade] } } }
}

/** Grades that the pupil could take instead, in the pupil's own settings. */
async function insteadOf(db: Db, studio: number, set: StudySet, { list }: Graded): Promise<GradeInstead[]> {
  const settings = await playerNamed(db, studio, set.pupil.id)
  const recipes = set.studies.map(({ recipe }) => recipe)
  const examined = { list, grade: set.gradeId!, recipes, policies: policiesOf(set) }
  return cachedAnswer('instead', { ...examined, settings })
}

/** A pupil's level, what a lesson has for technique, and how forecasts are corrected. */
export const whoIs = (
  pupil: Pick<Pupil, 'learning' | 'lessons'> | null | undefined,
  correction: Correction,
): WhoPlays => ({
  ...{ level: pupil?.learning.level ?? null, correction },
  lessonMinutes: techniqueMinutes(pupil?.lessons ?? []),
})

export const whoPlays = async (db: Db, studio: number, pupilId: string): Promise<WhoPlays> =>
  whoIs(await getPupil(db, studio, pupilId), await correctionOf(db, studio))

/** Everything that the practice of a set is worked out from. @throws HttpError 404 */
export async function practiceFileOf(
  db: Db,
  studio: number,
  setId: string,
  entries?: readonly StoredEntry[],
): Promise<PracticeFile> {
  const set = await setFor(db, studio, setId)
  const record = entries ?? (await listEntries(db, studio, set.pupil.id))
  const graded = await gradedFor(db, studio, set, record)
  return {
    set,
    aim: await getAim(db, studio, setId),
    record: packed(record),
    draw: graded?.draw ?? null,
    examined: graded?.examined ?? null,
    instead: graded ? await insteadOf(db, studio, set, graded) : [],
    routes: await listRoutes(db, studio),
    week: (await listWeeks(db, studio, set.pupil.id, today(), 1))[0] ?? null,
    who: await whoPlays(db, studio, set.pupil.id),
    today: today(),
  }
}

/** The same of one moment. @throws HttpError 404 */
export const practiceOf = (pool: Pool, studio: number, setId: string): Promise<PracticeFile> =>
  inSnapshot(pool, (db) => practiceFileOf(db, studio, setId))

interface ReadinessOf extends Pick<Planning, 'routes' | 'who'> {
  readonly aim: StoredAim | null
  readonly record: readonly StoredEntry[]
}

/** What the record says of a set that was graded, worked out in a thread. @param draw what its grade draws from */
export async function readinessOf(
  set: StudySet,
  draw: ExamDraw,
  report: GradeReport,
  { record, ...known }: ReadinessOf,
): Promise<SetReadiness> {
  const asked = { ...known, set: leanSet(set), record: packed(record), draw, today: today() }
  const { practiceStates, outlook, raise } = await cachedAnswer('readiness', asked)
  const counted = (is: (study: number) => boolean) =>
    draw.items.filter(({ study }) => study !== null && is(study)).length
  const words = raise && draw.items.find(({ study }) => study === raise.study)?.words
  return {
    printed: report.covered,
    played: counted((study) => practiceStates[study] !== 'untried'),
    ready: counted((study) => practiceStates[study] === 'ready'),
    required: report.required,
    ...{ chance: outlook.chance, low: outlook.low, high: outlook.high },
    ...{ drawn: outlook.drawn, assumed: outlook.assumed },
    practiceStates: Object.fromEntries(
      draw.items.flatMap(({ atom, study }) =>
        atom !== null && study !== null ? [[atom, practiceStates[study]!]] : [],
      ),
    ),
    next: raise && words ? { ...raise, words } : null,
  }
}

/** Writes an aim; one whose dates are none is refused. @throws HttpError 404, 409 with the aim as it stands */
export function saveAim(pool: Pool, studio: number, setId: string, { version, ...aim }: StoredAim): Promise<StoredAim> {
  const { exam, minutesADay, days, lesson, away } = aim
  checkAim({ exam, minutesADay, days, lesson, away }, today())
  return inTransaction(pool, async (db) => {
    if (!(await holdSet(db, studio, setId))) throw notFound('set')
    const set = await setFor(db, studio, setId)
    const known = new Set(set.studies.map(({ id }) => id))
    const pins = aim.pins.filter(({ studyId }) => known.has(studyId))
    const saved = await writeAim(db, studio, setId, version, { ...aim, pins })
    if (!saved) throw stale('aim', await getAim(db, studio, setId))
    return saved
  })
}

/** Whether a plan can be made: an exam is still to come, and there is something to practise. */
export const isOpen = (set: StudySet, aim: StoredAim): boolean =>
  set.studies.length > 0 && dayOf(aim.exam)! > dayOf(today())!

/** What a set's plan is made from; null where it has no aim, nothing in it, or its exam is over. */
export async function planningOf(db: Db, studio: number, set: StudySet): Promise<Planning | null> {
  const aim = await getAim(db, studio, set.id)
  if (!aim || !isOpen(set, aim)) return null
  const record = await listEntries(db, studio, set.pupil.id)
  const graded = await gradedFor(db, studio, set, record)
  return planningFor(set, {
    ...{ aim, record, draw: graded?.draw ?? null },
    routes: await listRoutes(db, studio),
    who: await whoPlays(db, studio, set.pupil.id),
  })
}

const leanSet = ({ studies }: StudySet): Planning['set'] => ({
  studies: studies.map(({ id, recipe }) => ({ id, recipe })),
})

/** The same of what is known, as it goes to a thread. */
export const planningFor = (
  set: StudySet,
  { record, ...rest }: Pick<Planning, 'aim' | 'draw' | 'routes' | 'who'> & { readonly record: readonly StoredEntry[] },
): Planning => ({
  ...rest,
  set: leanSet(set),
  record: packed(record),
  today: today(),
})

/** The whole at its tempo, and cold: without them no study is ever ready. */
const NEEDED = ['tempo', 'cold']

/** @throws DomainError where a family has no such stage, or one that cannot be left out is */
function checkRoute({ family, steps }: StoredRoute): void {
  if (steps.length === 0) return
  const known = families()
    .find(({ id }) => id === family)!
    .route.usual.map(({ stage }) => stage)
  const at = steps.findIndex(({ stage }) => !known.includes(stage))
  if (at >= 0) throw refuse('route.stage', { stage: steps[at]!.stage, known: listed(known) }, `steps[${at}].stage`)
  const lacking = NEEDED.find((stage) => !steps.some((step) => step.stage === stage))
  if (lacking) throw refuse('route.needed', { stage: { code: 'stage', params: { stage: lacking } } }, 'steps')
  if (steps.at(-1)!.stage !== 'cold') throw refuse('route.last', {}, 'steps')
}

/** Writes a way through studies, or with no steps goes back to the usual. @throws HttpError 409 */
export function saveRoute(pool: Pool, studio: number, route: StoredRoute): Promise<StoredRoute[]> {
  checkRoute(route)
  return inTransaction(pool, async (db) => {
    const saved = route.steps.length === 0 ? await deleteRoute(db, studio, route) : await writeRoute(db, studio, route)
    if (!saved) throw stale('route', await listRoutes(db, studio))
    return listRoutes(db, studio)
  })
}
