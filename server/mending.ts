import { type Message, RecipeError } from '#core/message'
import { type AtomReport, gradeSet, type Mend } from '#core/syllabus'
import type { RecipeInput } from '#core/instrument'
import type { Study, StudySet, Undo } from '#shared/api'
import { type Db, deleteStudy, getStudy, insertStudy, inTransaction, setsWith, updateStudy } from './db'
import { refuse, tell } from './messages'
import { notFound, stale } from './refusal'
import { policiesOf, setFor, syllabusFor, withStudies } from './sets'
import { contentOf } from './studies'

export interface Mended {
  readonly set: StudySet
  readonly undo: Undo
  /** What was done. */
  readonly told: Message
}

/** The near atom of a set. @throws RecipeError where the atom is not near, or the set has no grade */
async function nearAtom(db: Db, studio: number, set: StudySet, id: string): Promise<AtomReport & { mend: Mend }> {
  if (!set.syllabusId || !set.gradeId) throw refuse('set.grade', {}, 'gradeId')
  const { document } = await syllabusFor(db, studio, set.syllabusId)
  const recipes = set.studies.map((study) => study.recipe)
  const atom = gradeSet(document, set.gradeId, recipes, policiesOf(set)).atoms.find((each) => each.id === id)
  if (!atom?.mend) throw refuse('atom.near', {}, 'atom')
  return atom as AtomReport & { mend: Mend }
}

/** A mended recipe that can be played: pins that no longer fit are left out. */
function playable(recipe: RecipeInput) {
  try {
    return contentOf(recipe)
  } catch (error) {
    if (!(error instanceof RecipeError) || !recipe.pins?.length) throw error
    return contentOf({ ...recipe, pins: [] })
  }
}

/** Alters a study where this set alone holds it; what others hold stays, and a copy takes its place here. */
async function altered(db: Db, studio: number, set: StudySet, study: Study, mend: Mend, version: number) {
  const studyIds = set.studies.map(({ id }) => id)
  const content = playable(mend.recipe)
  if ((await setsWith(db, studio, study.id)) > 1) {
    const made = await insertStudy(db, studio, content)
    const put = studyIds.map((id) => (id === study.id ? made.id : id))
    return { set: await withStudies(db, studio, set, version, put), undo: { studyIds, studies: [], remove: [made.id] } }
  }
  const saved = await updateStudy(db, studio, study.id, study.version, content)
  if (!saved) throw stale('study', await getStudy(db, studio, study.id))
  const { id, recipe, accepted } = study
  const undo = { studyIds, studies: [{ id, recipe, accepted, version: saved.version }], remove: [] }
  return { set: await withStudies(db, studio, set, version, studyIds), undo }
}

async function added(db: Db, studio: number, set: StudySet, at: number, mend: Mend, version: number) {
  const studyIds = set.studies.map(({ id }) => id)
  const made = await insertStudy(db, studio, playable(mend.recipe))
  const put = studyIds.toSpliced(at + 1, 0, made.id)
  return { set: await withStudies(db, studio, set, version, put), undo: { studyIds, studies: [], remove: [made.id] } }
}

/**
 * Does what mends one near miss, whole or not at all.
 * @throws Refusal 404, 409; RecipeError where there is nothing to mend or it cannot be played
 */
export function mendAtom(studio: number, id: string, atomId: string, version: number): Promise<Mended> {
  return inTransaction(async (db) => {
    const set = await setFor(db, studio, id)
    const atom = await nearAtom(db, studio, set, atomId)
    const at = atom.study!
    const { mend } = atom
    const done =
      mend.manner === 'alter'
        ? await altered(db, studio, set, set.studies[at]!, mend, version)
        : await added(db, studio, set, at, mend, version)
    return { ...done, told: tell('mended', { mend: mend.words, atom: atom.words }) }
  })
}

/** Puts a set back as it was before a study was mended. @throws Refusal 404, 409; RecipeError */
export function restoreSet(studio: number, id: string, undo: Undo, version: number): Promise<StudySet> {
  return inTransaction(async (db) => {
    const set = await setFor(db, studio, id)
    for (const study of undo.studies) {
      const content = contentOf(study.recipe, study.accepted)
      if (await updateStudy(db, studio, study.id, study.version, content)) continue
      const current = await getStudy(db, studio, study.id)
      throw current ? stale('study', current) : notFound('study')
    }
    const back = await withStudies(db, studio, set, version, undo.studyIds)
    for (const made of undo.remove) if ((await setsWith(db, studio, made)) === 0) await deleteStudy(db, studio, made)
    return back
  })
}
