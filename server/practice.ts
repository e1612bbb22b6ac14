import { listed } from '#core/message'
import { families, type Recipe } from '#core/instrument'
import {
  dayOf,
  dueAfter,
  type Examined,
  type GradeInstead,
  type Entry,
  practisedBeside,
  preparationFor,
  prepare,
  practiceStatesToday,
  targetsFor,
  type Preparation,
  weekdayOf,
} from '#core/practice'
import { fullGrade, atomsOf, drawOf, type ExamDraw, gradeOf, type GradeReport } from '#core/syllabus'
import type { StoredAim, StoredRoute, PracticeFile, Progress, SetReadiness, StudySet, Syllabus } from '#shared/api'
import {
  type Db,
  deleteRoute,
  allSyllabi,
  getAim,
  getPupil,
  getSets,
  inSnapshot,
  inTransaction,
  listAims,
  listEntries,
  listEntriesOf,
  listRoutes,
  type Pool,
  type StampedAim,
  writeAim,
  writeRoute,
} from './db'
import { refuse } from './messages'
import { stale } from './httpError'
import { packed, templatesOf, writtenOf } from '#shared/preparation'
import { today } from './record'
import { policiesOf, setFor, settingsFor, syllabusFor } from './sets'
import { cachedAnswer } from './work'

interface Graded {
  readonly draw: ExamDraw
  readonly list: Syllabus
  readonly examined: Examined
}

const isGraded = (set: StudySet): boolean => Boolean(set.syllabusId && set.gradeId && set.studies.length > 0)

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

async function gradedBy(set: StudySet, document: Syllabus, record: readonly Entry[]): Promise<Graded> {
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
  const settings = (await getPupil(db, studio, set.pupil.id))?.preferences.settings
  const recipes = set.studies.map(({ recipe }) => recipe)
  const examined = { list, grade: set.gradeId!, recipes, policies: policiesOf(set) }
  return cachedAnswer('instead', { ...examined, settings: settingsFor(set.pupil, settings) })
}

/** Everything that the practice of a set is worked out from, of one moment. @throws HttpError 404 */
export function practiceOf(pool: Pool, studio: number, setId: string): Promise<PracticeFile> {
  return inSnapshot(pool, async (db) => {
    const set = await setFor(db, studio, setId)
    const record = await listEntries(db, studio, set.pupil.id)
    const graded = await gradedFor(db, studio, set, record)
    return {
      set,
      aim: await getAim(db, studio, setId),
      record: packed(record),
      draw: graded?.draw ?? null,
      examined: graded?.examined ?? null,
      instead: graded ? await insteadOf(db, studio, set, graded) : [],
      routes: await listRoutes(db, studio),
      today: today(),
    }
  })
}

/** What the record says of a set that was graded. @param draw what its grade draws from */
export function readinessOf(
  set: StudySet,
  draw: ExamDraw,
  report: GradeReport,
  { record, routes }: { readonly record: readonly Entry[]; readonly routes: readonly StoredRoute[] },
): SetReadiness {
  const recipes = set.studies.map(({ recipe }) => recipe)
  const targets = targetsFor(recipes, draw, templatesOf(routes))
  const { practiceStates, outlook, raise } = practiceStatesToday(targets, record, draw, dayOf(today())!)
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
  return inTransaction(pool, async (db) => {
    const set = await setFor(db, studio, setId)
    const known = new Set(set.studies.map(({ id }) => id))
    const pins = aim.pins.filter(({ studyId }) => known.has(studyId))
    if (set.studies.length > 0)
      preparationFor(writtenOf({ set, aim: { ...aim, pins }, record: [], draw: null, routes: [], today: today() }))
    const saved = await writeAim(db, studio, setId, version, { ...aim, pins })
    if (!saved) throw stale('aim', await getAim(db, studio, setId))
    return saved
  })
}

/** Whether a plan can be made: an exam is still to come, and there is something to practise. */
const isOpen = (set: StudySet, aim: StoredAim): boolean => set.studies.length > 0 && dayOf(aim.exam)! > dayOf(today())!

/** The preparation of a set; null where it has no aim, nothing in it, or its exam is over. */
export async function preparationOf(db: Db, studio: number, set: StudySet): Promise<Preparation | null> {
  const aim = await getAim(db, studio, set.id)
  if (!aim || !isOpen(set, aim)) return null
  const record = await listEntries(db, studio, set.pupil.id)
  const graded = await gradedFor(db, studio, set, record)
  const routes = await listRoutes(db, studio)
  return preparationFor(writtenOf({ set, aim, record, draw: graded?.draw ?? null, routes, today: today() }))
}

/** What follows from an aim is remembered until its stamp is another, or the day is. */
const progressCache = new Map<string, { readonly stamp: string; readonly progress: Progress }>()
const cachedProgress = ({ setId, stamp }: StampedAim): Progress | undefined => {
  const cached = progressCache.get(setId)
  return cached?.stamp === `${today()} ${stamp}` ? cached.progress : undefined
}

function progressOf(set: StudySet, aim: StoredAim, preparation: Preparation | null): Progress {
  const now = dayOf(today())!
  const common = {
    ...{ pupilId: set.pupil.id, setId: set.id, exam: aim.exam },
    comesToday: aim.lesson === weekdayOf(now),
    studies: set.studies.length,
  }
  const none = { played: 0, ready: 0, due: 0, behind: 0, missing: 0, chance: 0 }
  if (!preparation) return { ...common, ...none, over: dayOf(aim.exam)! <= now }
  const { states, practiceStates, then } = prepare(preparation)
  return {
    ...common,
    over: false,
    played: practiceStates.filter((practiceState) => practiceState !== 'untried').length,
    ready: practiceStates.filter((practiceState) => practiceState === 'ready').length,
    due: states.filter((state) => (dueAfter(state) ?? Infinity) <= now).length,
    behind: then.notReady.length,
    missing: preparation.draw.items.filter(({ study }) => study === null).length,
    chance: then.chance,
  }
}

/** Works out what some aims come to, with as many queries for many as for one. */
async function workOutProgress(db: Db, studio: number, aims: readonly StampedAim[]): Promise<void> {
  const sets = new Map(
    (
      await getSets(
        db,
        studio,
        aims.map(({ setId }) => setId),
      )
    ).map((set) => [set.id, set]),
  )
  const lists = new Map((await allSyllabi(db, studio)).map(({ document }) => [document.id, document]))
  const routes = await listRoutes(db, studio)
  const records = await listEntriesOf(db, studio, [...new Set([...sets.values()].map(({ pupil }) => pupil.id))])
  for (const { setId, aim, stamp } of aims) {
    const set = sets.get(setId)!
    const record = records.get(set.pupil.id) ?? []
    const graded = isOpen(set, aim) && isGraded(set) ? await gradedBy(set, lists.get(set.syllabusId!)!, record) : null
    const file = { set, aim, record, draw: graded?.draw ?? null, routes }
    const preparation = isOpen(set, aim) ? preparationFor(writtenOf({ ...file, today: today() })) : null
    progressCache.set(setId, { stamp: `${today()} ${stamp}`, progress: progressOf(set, aim, preparation) })
  }
}

/** Every pupil's way to an exam, on one line each. */
export function allProgress(pool: Pool, studio: number): Promise<Progress[]> {
  return inSnapshot(pool, async (db) => {
    const aims = await listAims(db, studio)
    const changed = aims.filter((each) => !cachedProgress(each))
    if (changed.length > 0) await workOutProgress(db, studio, changed)
    return aims.map((each) => cachedProgress(each)!)
  })
}

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
    if (route.steps.length === 0) await deleteRoute(db, studio, route.family, route.school)
    else if (!(await writeRoute(db, studio, route))) throw stale('route', await listRoutes(db, studio))
    return listRoutes(db, studio)
  })
}
