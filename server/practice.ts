import { listed } from '#core/message'
import { families } from '#core/instrument'
import {
  dayOf,
  dueAfter,
  type GradeInstead,
  type Entry,
  preparationFor,
  prepare,
  standingToday,
  targetsFor,
  type Preparation,
  weekdayOf,
} from '#core/practice'
import { askedGrade, atomsOf, drawOf, type ExamDraw, gradeOf, type GradeReport } from '#core/syllabus'
import type { KeptAim, KeptRoute, PracticeFile, Progress, SetReadiness, StudySet, Syllabus } from '#shared/api'
import {
  countEntries,
  type Db,
  deleteRoute,
  getAim,
  getPupil,
  inSnapshot,
  inTransaction,
  listAims,
  listEntries,
  listRoutes,
  type Pool,
  writeAim,
  writeRoute,
} from './db'
import { refuse } from './messages'
import { stale } from './refusal'
import { packed, templatesOf, writtenOf } from '#shared/preparation'
import { today } from './record'
import { policiesOf, setFor, settingsFor, syllabusFor } from './sets'
import { answerTo } from './work'

interface Graded {
  readonly draw: ExamDraw
  readonly list: Syllabus
}

/** What a set's grade draws from, and how the set stands against it; null where it has none. */
async function gradedFor(db: Db, studio: number, set: StudySet): Promise<Graded | null> {
  if (!set.syllabusId || !set.gradeId || set.studies.length === 0) return null
  const { document } = await syllabusFor(db, studio, set.syllabusId)
  const grade = gradeOf(document, set.gradeId)
  const recipes = set.studies.map(({ recipe }) => recipe)
  const report = await answerTo('grade', { list: document, grade: grade.id, recipes, policies: policiesOf(set) })
  const draw = drawOf(askedGrade(document, grade), atomsOf(document, grade), report)
  return { draw, list: document }
}

/** Grades that the pupil could take instead, in the pupil's own settings. */
async function insteadOf(db: Db, studio: number, set: StudySet, { list }: Graded): Promise<GradeInstead[]> {
  const settings = (await getPupil(db, studio, set.pupil.id))?.preferences.settings
  const recipes = set.studies.map(({ recipe }) => recipe)
  const asked = { list, grade: set.gradeId!, recipes, policies: policiesOf(set) }
  return answerTo('instead', { ...asked, settings: settingsFor(set.pupil, settings) })
}

/** Everything that the practice of a set is worked out from, of one moment. @throws Refusal 404 */
export function practiceOf(pool: Pool, studio: number, setId: string): Promise<PracticeFile> {
  return inSnapshot(pool, async (db) => {
    const set = await setFor(db, studio, setId)
    const graded = await gradedFor(db, studio, set)
    return {
      set,
      aim: await getAim(db, studio, setId),
      record: packed(await listEntries(db, studio, set.pupil.id)),
      draw: graded?.draw ?? null,
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
  { record, routes }: { readonly record: readonly Entry[]; readonly routes: readonly KeptRoute[] },
): SetReadiness {
  const recipes = set.studies.map(({ recipe }) => recipe)
  const targets = targetsFor(recipes, draw, templatesOf(routes))
  const { standings, outlook, raise } = standingToday(targets, record, draw, dayOf(today())!)
  const counted = (is: (study: number) => boolean) =>
    draw.items.filter(({ study }) => study !== null && is(study)).length
  const words = raise && draw.items.find(({ study }) => study === raise.study)?.words
  return {
    printed: report.covered,
    played: counted((study) => standings[study] !== 'untried'),
    ready: counted((study) => standings[study] === 'ready'),
    required: report.required,
    ...{ chance: outlook.chance, low: outlook.low, high: outlook.high },
    ...{ asked: outlook.asked, assumed: outlook.assumed },
    standings: Object.fromEntries(
      draw.items.flatMap(({ atom, study }) => (atom !== null && study !== null ? [[atom, standings[study]!]] : [])),
    ),
    next: raise && words ? { ...raise, words } : null,
  }
}

/** Writes an aim; one whose dates are none is refused. @throws Refusal 404, 409 with the aim as it stands */
export function saveAim(pool: Pool, studio: number, setId: string, { version, ...aim }: KeptAim): Promise<KeptAim> {
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

/** The preparation of a set; null where it has no aim, nothing in it, or its exam is over. */
export async function preparationOf(db: Db, studio: number, set: StudySet): Promise<Preparation | null> {
  const aim = await getAim(db, studio, set.id)
  if (!aim || set.studies.length === 0 || dayOf(aim.exam)! <= dayOf(today())!) return null
  const graded = await gradedFor(db, studio, set)
  const record = await listEntries(db, studio, set.pupil.id)
  const routes = await listRoutes(db, studio)
  return preparationFor(writtenOf({ set, aim, record, draw: graded?.draw ?? null, routes, today: today() }))
}

/** What follows from an aim and a record is kept until one of them is another, or the day is. */
const progressKept = new Map<string, { readonly key: string; readonly progress: Progress }>()

async function progressOf(db: Db, studio: number, set: StudySet, aim: KeptAim): Promise<Progress> {
  const preparation = await preparationOf(db, studio, set)
  const now = dayOf(today())!
  const common = {
    ...{ pupilId: set.pupil.id, setId: set.id, exam: aim.exam },
    comesToday: aim.lesson === weekdayOf(now),
    studies: set.studies.length,
  }
  const none = { played: 0, ready: 0, due: 0, behind: 0, missing: 0, chance: 0 }
  if (!preparation) return { ...common, ...none, over: dayOf(aim.exam)! <= now }
  const { states, standings, then } = prepare(preparation)
  return {
    ...common,
    over: false,
    played: standings.filter((standing) => standing !== 'untried').length,
    ready: standings.filter((standing) => standing === 'ready').length,
    due: states.filter((state) => (dueAfter(state) ?? Infinity) <= now).length,
    behind: then.notReady.length,
    missing: preparation.draw.items.filter(({ study }) => study === null).length,
    chance: then.chance,
  }
}

/** Every pupil's way to an exam, on one line each. */
export async function allProgress(pool: Pool, studio: number): Promise<Progress[]> {
  return inSnapshot(pool, async (db) => {
    const counts = await countEntries(db, studio)
    const all: Progress[] = []
    for (const [setId, aim] of await listAims(db, studio)) {
      const set = await setFor(db, studio, setId)
      const key = JSON.stringify([
        today(),
        aim.version,
        set.version,
        counts.get(set.pupil.id) ?? 0,
        set.studies.map(({ version }) => version),
      ])
      const kept = progressKept.get(setId)
      const progress = kept?.key === key ? kept.progress : await progressOf(db, studio, set, aim)
      progressKept.set(setId, { key, progress })
      all.push(progress)
    }
    return all
  })
}

/** The whole at its tempo, and cold: without them no study is ever ready. */
const NEEDED = ['tempo', 'cold']

/** @throws RecipeError where a family has no such stage, or one that cannot be left out is */
function checkRoute({ family, steps }: KeptRoute): void {
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

/** Writes a way through studies, or with no steps goes back to the usual. @throws Refusal 409 */
export function saveRoute(pool: Pool, studio: number, route: KeptRoute): Promise<KeptRoute[]> {
  checkRoute(route)
  return inTransaction(pool, async (db) => {
    if (route.steps.length === 0) await deleteRoute(db, studio, route.family, route.school)
    else if (!(await writeRoute(db, studio, route))) throw stale('route', await listRoutes(db, studio))
    return listRoutes(db, studio)
  })
}
