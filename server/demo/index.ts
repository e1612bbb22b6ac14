/** The demo: an invented studio with its pupils, sets and two invented boards, laid down once. */
import studioFile from '../../demo/studio.json'
import corvaneMallets from '../../demo/syllabi/corvane-mallets.json'
import corvanePiano from '../../demo/syllabi/corvane-piano.json'
import ternQuayAccordion from '../../demo/syllabi/tern-quay-accordion.json'
import ternQuayPiano from '../../demo/syllabi/tern-quay-piano.json'
import { altered, pupilPlayer, type RecipeInput } from '#core/instrument'
import { gradeSet, recipesForMissing } from '#core/syllabus'
import { type Learning, MAX_TAGS, type Preferences, type Pupil } from '#shared/api'
import type { StudioSettings } from '#shared/studio'
import { recipeOf, syllabusOf } from '#shared/schemas'
import {
  runOnce,
  type Db,
  getSyllabus,
  insertPupil,
  insertSet,
  insertStudy,
  deleteDemo,
  insertStudio,
  inTransaction,
  listStudios,
  type Pool,
  preferPupil,
  shipSyllabus,
  tagStudies,
  updateSet,
} from '../db'
import { drawFor, holdExam } from '../exams'
import { setFor } from '../sets'
import { contentOf } from '../studies'
import { dateOf, dayOf } from '#core/practice'
import { today } from '../clock'
import { type DemoSlot, type DemoWeek, layWeek, slotsOf } from './lessons'
import { type DemoPractice, layPractice } from './record'

interface DemoSet {
  readonly title: string
  readonly syllabus?: string
  readonly grade?: string
  readonly tags?: readonly string[]
  readonly studies: readonly unknown[]
  /** Built from the grade, but for so many items at the end; every so many-th one slower than asked. */
  readonly built?: { readonly leave: number; readonly slow: number }
  readonly practice?: DemoPractice
  /** A mock exam that was held: its seed, and the marks that went round. */
  readonly exam?: { readonly seed: number; readonly marks: readonly number[] }
}
interface DemoPupil {
  readonly name: string
  readonly instrument: Pupil['instrument']
  readonly note: string
  readonly preferences?: Preferences
  readonly lessons?: readonly DemoSlot[]
  readonly learning?: Partial<Learning>
  readonly sets: readonly DemoSet[]
  readonly week?: DemoWeek
}

const DEMO_STUDIO = {
  ...{ name: studioFile.name, teacher: studioFile.teacher, isDemo: true },
  settings: studioFile.settings as StudioSettings,
}
const BOARDS = [corvanePiano, ternQuayPiano, corvaneMallets, ternQuayAccordion]

const SLOWER = 0.8

/** A set built from its grade, with what is left out and what is still too slow. */
async function builtFor(db: Db, studio: number, pupil: DemoPupil, set: DemoSet): Promise<RecipeInput[]> {
  if (!set.built) return []
  const { document } = (await getSyllabus(db, studio, set.syllabus!))!
  const { settings, choices } = pupil.preferences ?? {}
  const all = recipesForMissing(document, gradeSet(document, set.grade!, []), {
    settings: pupilPlayer(DEMO_STUDIO.settings, { instrument: pupil.instrument, settings }),
    choices: choices ?? {},
  })
  const { leave, slow } = set.built
  return all.slice(0, all.length - leave).map((recipe, at) => {
    if (slow === 0 || at % slow !== slow - 1) return recipe
    return { ...recipe, tempo: { ...recipe.tempo, bpm: Math.round(recipe.tempo!.bpm! * SLOWER) } }
  })
}

async function layExam(db: Db, studio: number, setId: string, { seed, marks }: NonNullable<DemoSet['exam']>) {
  const { items, marking } = await drawFor(db, studio, await setFor(db, studio, setId), seed)
  let turn = 0
  const marked = items.map(() => marking.criteria.map(({ most }) => Math.min(most, marks[turn++ % marks.length]!)))
  const on = dateOf(dayOf(today())! - 9)
  await holdExam(db, studio, { setId, seed, marks: marked, notes: [], expected: items.map(({ atom }) => atom), on })
}

async function laySet(db: Db, studio: number, pupilId: string, pupil: DemoPupil, set: DemoSet): Promise<void> {
  const id = await insertSet(db, studio, pupilId, set.title)
  const played = set.studies.map((study) => altered(recipeOf(study), pupil.preferences?.settings ?? {}))
  const recipes = [...played, ...(await builtFor(db, studio, pupil, set))]
  const studyIds: string[] = []
  for (const recipe of recipes) studyIds.push((await insertStudy(db, studio, contentOf(recipe))).id)
  const graded = { syllabusId: set.syllabus ?? null, gradeId: set.grade ?? null }
  await updateSet(db, studio, id, 1, { title: set.title, ...graded, studyIds })
  if (set.tags) await tagStudies(db, studio, studyIds, set.tags, [], MAX_TAGS)
  if (set.practice) await layPractice(db, studio, await setFor(db, studio, id), set.practice)
  if (set.exam) await layExam(db, studio, id, set.exam)
}

/** Lists that came with the program, once for each time that they changed. */
const BOARDS_LAID = 'boards-of-2026'

async function layBoards(db: Db, studio: number): Promise<void> {
  for (const board of BOARDS) await shipSyllabus(db, studio, syllabusOf(board))
}

/** Makes the demo's studio. Run it in a transaction. @param welcomed whether the question of the first start is past @returns its number */
export async function layDemo(db: Db, welcomed = false): Promise<number> {
  await runOnce(db, BOARDS_LAID)
  const { settings, ...demo } = DEMO_STUDIO
  const studio = await insertStudio(db, { ...demo, settings: { ...settings, welcomed } })
  await layBoards(db, studio)
  for (const pupil of studioFile.pupils as readonly DemoPupil[]) {
    const pupilId = await insertPupil(db, studio, { ...pupil, lessons: slotsOf(pupil.lessons ?? []) })
    if (pupil.preferences) await preferPupil(db, studio, pupilId, pupil.preferences)
    for (const set of pupil.sets) await laySet(db, studio, pupilId, pupil, set)
    if (pupil.week) await layWeek(db, studio, pupilId, pupil.week)
  }
  return studio
}

/** Lists that came later than the demo's studio. */
export function layLaterBoards(pool: Pool): Promise<void> {
  return inTransaction(pool, async (db) => {
    if (!(await runOnce(db, BOARDS_LAID))) return
    for (const { id, isDemo } of await listStudios(db)) if (isDemo) await layBoards(db, id)
  })
}

/** Makes the demo anew, as it was on the first day, in a studio of its own; what it held before is gone. @returns its number */
export const restoreDemo = (pool: Pool): Promise<number> =>
  inTransaction(pool, async (db) => {
    await deleteDemo(db)
    // whoever makes it anew has been through the first door
    return layDemo(db, true)
  })
