/** The demo: an invented studio with its pupils, sets and one invented board, laid down once. */
import studioFile from '../../demo/studio.json'
import corvane from '../../demo/syllabi/corvane-piano.json'
import type { Studio } from '#shared/api'
import { recipeOf, syllabusOf } from '#shared/schemas'
import {
  type Db,
  insertPupil,
  insertSet,
  insertStudy,
  insertSyllabus,
  inTransaction,
  tagStudies,
  updateSet,
} from '../db'
import { contentOf } from '../studies'

interface DemoSet {
  readonly title: string
  readonly syllabus?: string
  readonly grade?: string
  readonly tags?: readonly string[]
  readonly studies: readonly unknown[]
}

export const DEMO_STUDIO: Studio = { name: studioFile.name, teacher: studioFile.teacher }

/** Takes the demo's mark; false where it was laid before, so that nothing a user changed comes back. */
async function claim(db: Db, name: string): Promise<boolean> {
  const { rowCount } = await db.query('insert into shipped_data (name) values ($1) on conflict do nothing', [name])
  return rowCount === 1
}

async function laySet(db: Db, studio: number, pupilId: string, set: DemoSet): Promise<void> {
  const id = await insertSet(db, studio, pupilId, set.title)
  const studyIds: string[] = []
  for (const study of set.studies) {
    studyIds.push((await insertStudy(db, studio, contentOf(recipeOf(study)))).id)
  }
  const graded = { syllabusId: set.syllabus ?? null, gradeId: set.grade ?? null }
  await updateSet(db, studio, id, 1, { title: set.title, ...graded, studyIds })
  if (set.tags) await tagStudies(db, studio, studyIds, set.tags, [])
}

/** Lays the demo down in one transaction, unless it was laid before. */
export function layDemo(studio: number): Promise<void> {
  return inTransaction(async (db) => {
    if (!(await claim(db, 'kestrel-lane'))) return
    await insertSyllabus(db, studio, syllabusOf(corvane), true)
    for (const pupil of studioFile.pupils) {
      const pupilId = await insertPupil(db, studio, pupil)
      for (const set of pupil.sets as readonly DemoSet[]) await laySet(db, studio, pupilId, set)
    }
  })
}
