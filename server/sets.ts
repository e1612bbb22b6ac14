import { RecipeError } from '#core/pitch'
import { gradeOf, gradeSet, placeSet, recipesForMissing } from '#core/syllabus'
import type { SetReport, StudySet } from '#shared/api'
import {
  allSyllabi,
  type Db,
  getSet,
  getSyllabus,
  insertStudy,
  inTransaction,
  type SetContent,
  unknownStudies,
  updateSet,
} from './db'
import { notFound, stale } from './http'
import { contentOf } from './studies'

async function syllabusFor(db: Db, studio: number, id: string) {
  const syllabus = await getSyllabus(db, studio, id)
  if (!syllabus) throw new RecipeError('syllabus.unknown', 'There is no such syllabus on file.', 'syllabusId')
  return syllabus
}

async function checkContent(db: Db, studio: number, content: SetContent): Promise<void> {
  if (content.syllabusId && content.gradeId) {
    gradeOf(await syllabusFor(db, studio, content.syllabusId), content.gradeId)
  }
  const unknown = await unknownStudies(db, studio, content.studyIds)
  if (unknown.length > 0) {
    const at = content.studyIds.indexOf(unknown[0]!)
    throw new RecipeError('study.unknown', 'There is no such study.', `studyIds[${at}]`)
  }
}

/**
 * Writes a set over the version that the writer saw, whole or not at all.
 * @throws Refusal 404, or 409 with the set as it stands; RecipeError for an unknown study, syllabus or grade
 */
export function saveSet(studio: number, id: string, version: number, content: SetContent): Promise<StudySet> {
  return inTransaction(async (db) => {
    await checkContent(db, studio, content)
    const saved = await updateSet(db, studio, id, version, content)
    const set = await getSet(db, studio, id)
    if (!set) throw notFound('set')
    if (!saved) throw stale('set', set)
    return set
  })
}

/** Adds a study for every hole that a set has in a grade. @throws as `saveSet` */
export function addMissing(
  studio: number,
  id: string,
  asked: { syllabusId: string; gradeId: string; version: number },
): Promise<{ set: StudySet; added: number }> {
  return inTransaction(async (db) => {
    const set = await getSet(db, studio, id)
    if (!set) throw notFound('set')
    const syllabus = await syllabusFor(db, studio, asked.syllabusId)
    const report = gradeSet(
      syllabus,
      asked.gradeId,
      set.studies.map((study) => study.recipe),
    )
    const added: string[] = []
    for (const recipe of recipesForMissing(syllabus, report)) {
      added.push((await insertStudy(db, studio, contentOf(recipe))).id)
    }
    const studyIds = [...set.studies.map((study) => study.id), ...added]
    const content = { title: set.title, syllabusId: asked.syllabusId, gradeId: asked.gradeId, studyIds }
    if (!(await updateSet(db, studio, id, asked.version, content))) throw stale('set', set)
    return { set: (await getSet(db, studio, id))!, added: added.length }
  })
}

/** Holds a set against its grade and places it in every syllabus on file. @throws Refusal 404, RecipeError */
export async function reportOf(
  db: Db,
  studio: number,
  id: string,
  syllabusId?: string,
  gradeId?: string,
): Promise<SetReport> {
  const set = await getSet(db, studio, id)
  if (!set) throw notFound('set')
  const recipes = set.studies.map((study) => study.recipe)
  const syllabi = await allSyllabi(db, studio)
  const report = syllabusId && gradeId ? gradeSet(await syllabusFor(db, studio, syllabusId), gradeId, recipes) : null
  return {
    report,
    placements: syllabi.map(({ document }) => ({
      id: document.id,
      title: document.board,
      placement: placeSet(document, recipes),
    })),
  }
}
