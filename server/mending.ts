import { type Message, DomainError } from '#core/message'
import type { AtomReport, Mend } from '#core/syllabus'
import type { RecipeInput } from '#core/instrument'
import type { Restored, Study, StudySet, Undo } from '#shared/api'
import {
  type Db,
  dropUntouched,
  getStudy,
  insertStudy,
  inSnapshot,
  inTransaction,
  type Pool,
  setsWith,
  shelveStudies,
  type StudyContent,
  updateStudy,
} from './db'
import { refuse, serverMessage } from './messages'
import { notFound, stale } from './httpError'
import { policiesOf, setFor, syllabusFor, withStudies } from './sets'
import { contentOf } from './studies'
import { cachedAnswer } from './work'

interface Mended {
  readonly set: StudySet
  readonly undo: Undo
  /** What was done. */
  readonly message: Message
}

/** A mended recipe that can be played: pins that no longer fit are left out. */
function playable(recipe: RecipeInput) {
  try {
    return contentOf(recipe)
  } catch (error) {
    if (!(error instanceof DomainError) || !recipe.pins?.length) throw error
    return contentOf({ ...recipe, pins: [] })
  }
}

/** What mends a near miss of a set, worked out from one moment's set and list. */
interface Mending {
  readonly set: StudySet
  readonly version: number
  readonly study: Study
  readonly atom: AtomReport
  readonly mend: Mend
  readonly content: StudyContent
}

/** @throws HttpError 404; DomainError where the atom is not near, the set has no grade or the mend cannot be played */
async function mendingFor(pool: Pool, studio: number, id: string, atomId: string, version: number): Promise<Mending> {
  const { set, document, gradeId } = await inSnapshot(pool, async (db) => {
    const set = await setFor(db, studio, id)
    const { syllabusId, gradeId } = set
    if (!syllabusId || !gradeId) throw refuse('set.grade', {}, 'gradeId')
    return { set, gradeId, document: (await syllabusFor(db, studio, syllabusId)).document }
  })
  const recipes = set.studies.map((study) => study.recipe)
  const exam = { list: document, grade: gradeId, recipes, policies: policiesOf(set) }
  const atom = (await cachedAnswer('grade', exam)).atoms.find((each) => each.id === atomId)
  if (!atom?.mend) throw refuse('atom.near', {}, 'atom')
  const { mend } = atom
  return { set, version, atom, mend, study: set.studies[atom.study!]!, content: playable(mend.recipe) }
}

/** Alters a study where this set alone holds it; what others hold stays, and a copy takes its place here. */
async function altered(db: Db, studio: number, { set, version, study, content }: Mending) {
  const studyIds = set.studies.map(({ id }) => id)
  if ((await setsWith(db, studio, study.id)) > 1) {
    const made = await insertStudy(db, studio, content)
    const others = studyIds.map((id) => (id === study.id ? made.id : id))
    const undo = { studyIds, studies: [], remove: [{ id: made.id, version: made.version }] }
    return { set: await withStudies(db, studio, set, version, others), undo }
  }
  const saved = await updateStudy(db, studio, study.id, study.version, content)
  if (!saved) throw stale('study', await getStudy(db, studio, study.id))
  const { id, recipe, accepted } = study
  const undo = { studyIds, studies: [{ id, recipe, accepted, version: saved.version }], remove: [] }
  return { set: await withStudies(db, studio, set, version, studyIds), undo }
}

/** Puts a new study after the one that was near. */
async function added(db: Db, studio: number, { set, version, study, content }: Mending) {
  const studyIds = set.studies.map(({ id }) => id)
  const made = await insertStudy(db, studio, content)
  const more = studyIds.toSpliced(studyIds.indexOf(study.id) + 1, 0, made.id)
  return {
    set: await withStudies(db, studio, set, version, more),
    undo: { studyIds, studies: [], remove: [{ id: made.id, version: made.version }] },
  }
}

/**
 * Does what mends one near miss, whole or not at all.
 * @throws HttpError 404, 409; DomainError where there is nothing to mend or it cannot be played
 */
export async function mendAtom(
  pool: Pool,
  studio: number,
  id: string,
  atomId: string,
  version: number,
): Promise<Mended> {
  const mending = await mendingFor(pool, studio, id, atomId, version)
  const { mend, atom } = mending
  const work = mend.manner === 'alter' ? altered : added
  const done = await inTransaction(pool, (db) => work(db, studio, mending))
  return { ...done, message: serverMessage('mended', { mend: mend.words, atom: atom.words }) }
}

/**
 * Puts a set back as it was before a study was mended or added. A study that was made and worked on since is not lost: it
 * goes to the bin, and its title is named.
 * @throws HttpError 404, 409; DomainError
 */
export function restoreSet(pool: Pool, studio: number, id: string, undo: Undo, version: number): Promise<Restored> {
  const studies = undo.studies.map((study) => ({ ...study, content: contentOf(study.recipe, study.accepted) }))
  return inTransaction(pool, async (db) => {
    const set = await setFor(db, studio, id)
    for (const study of studies) {
      if (await updateStudy(db, studio, study.id, study.version, study.content)) continue
      const current = await getStudy(db, studio, study.id)
      throw current ? stale('study', current) : notFound('study')
    }
    const back = await withStudies(db, studio, set, version, undo.studyIds)
    const touched = await dropUntouched(db, studio, undo.remove)
    await shelveStudies(db, studio, touched, 'bin')
    const binned = set.studies.filter((study) => touched.includes(study.id)).map(({ id, title }) => ({ id, title }))
    return { set: back, binned }
  })
}
