import { inText, listed, type Message } from '#core/message'
import { compareSyllabi, leanSyllabus, type Syllabus } from '#core/syllabus'
import type { SyllabusDifference, SyllabusDocument } from '#shared/api'
import { syllabusOf } from '#shared/schemas'
import { slugOf } from '#shared/slug'
import { writeCsv } from '#shared/syllabusCsv'
import {
  type Db,
  getSet,
  getSyllabus,
  insertSyllabus,
  inTransaction,
  pastSyllabus,
  pastVersions,
  setsGradedBy,
  moveToTrash,
  updateSyllabus,
  type Pool,
} from './db'
import { refuse, serverMessage } from './messages'
import { notFound, HttpError, stale } from './httpError'
import { policiesOf, syllabusFor } from './sets'
import { cachedAnswer } from './work'

const taken = (id: string): HttpError => new HttpError(409, refuse('syllabus.exists', { id }, 'id').toData())

/** Stores a new list. @throws HttpError 409 where its id is taken */
export async function storeSyllabus(db: Db, studio: number, syllabus: Syllabus): Promise<{ id: string }> {
  if (!(await insertSyllabus(db, studio, syllabus))) throw taken(syllabus.id)
  return { id: syllabus.id }
}

/** A list as it stands. @throws HttpError 404 */
export async function documentOf(db: Db, studio: number, id: string): Promise<SyllabusDocument> {
  const stored = await getSyllabus(db, studio, id)
  if (!stored) throw notFound('syllabus')
  const { document, shipped, version } = stored
  return { syllabus: document, shipped, version, past: await pastVersions(db, studio, id) }
}

const shipped = (): HttpError => new HttpError(409, refuse('syllabus.shipped', {}, 'id').toData())

/** Writes a list over the version that the writer saw. @throws HttpError 404, 409; DomainError where its id is another */
export function saveSyllabus(
  pool: Pool,
  studio: number,
  id: string,
  syllabus: Syllabus,
  version: number,
): Promise<SyllabusDocument> {
  if (syllabus.id !== id) throw refuse('syllabus.id', {}, 'syllabus.id')
  return inTransaction(pool, async (db) => {
    const current = await documentOf(db, studio, id)
    if (current.shipped) throw shipped()
    if (!(await updateSyllabus(db, studio, version, syllabus))) throw stale('syllabus', current)
    return documentOf(db, studio, id)
  })
}

/** @throws HttpError 404, or 409 where it is shipped or sets are graded by it */
export function removeSyllabus(pool: Pool, studio: number, id: string): Promise<void> {
  return inTransaction(pool, async (db) => {
    const current = await documentOf(db, studio, id)
    if (current.shipped) throw shipped()
    const sets = await setsGradedBy(db, studio, id)
    if (sets.length > 0) {
      const named = sets.map(({ pupil, title }) => `${pupil}, ${title}`)
      throw new HttpError(409, refuse('syllabus.used', { sets: listed(named, 'semicolon') }, 'id').toData())
    }
    await moveToTrash(db, studio, 'syllabus', id)
  })
}

/** Copies a list under another title, as the teacher's own or as the edition that follows. @throws HttpError 404, 409 */
export function copySyllabus(
  pool: Pool,
  studio: number,
  id: string,
  { title, edition, follows }: { title: string; edition: string; follows: boolean },
): Promise<{ id: string }> {
  return inTransaction(pool, async (db) => {
    const { syllabus } = await documentOf(db, studio, id)
    const base = slugOf(`${title} ${edition}`, 55) || 'list'
    for (let copy = 0; copy < 100; copy++) {
      const own = copy === 0 ? base : `${base}-${copy + 1}`
      const made = { ...syllabus, id: own, title, edition, follows: follows ? id : null }
      if (await insertSyllabus(db, studio, made)) return { id: own }
    }
    throw taken(base)
  })
}

/** A list as a file in an open format. */
export const exported = (syllabus: Syllabus, format: 'csv' | 'json'): string =>
  format === 'csv' ? writeCsv(syllabus) : `${JSON.stringify(leanSyllabus(syllabus), null, 2)}\n`

/** A list as it once stood, with what lists say today. */
export async function editionAt(db: Db, studio: number, id: string, version: number): Promise<Syllabus | null> {
  const past = await pastSyllabus(db, studio, id, version)
  return past && syllabusOf(past)
}

/** What a list asks beside an earlier one, and what that means for the pupils whose sets are graded by the earlier. */
export async function differenceOf(
  db: Db,
  studio: number,
  id: string,
  beforeId: string,
  version: number | null,
): Promise<SyllabusDifference> {
  const found = await getSyllabus(db, studio, id)
  if (!found) throw notFound('syllabus')
  const { document: after } = found
  const before =
    version === null ? (await syllabusFor(db, studio, beforeId)).document : await editionAt(db, studio, id, version)
  if (!before) throw notFound('version')
  const sets: SyllabusDifference['sets'][number][] = []
  for (const { id: setId, gradeId } of await setsGradedBy(db, studio, before.id)) {
    const has = (syllabus: Syllabus) => syllabus.grades.some((grade) => grade.id === gradeId)
    if (!gradeId || !has(before) || !has(after)) continue
    const set = (await getSet(db, studio, setId))!
    const recipes = set.studies.map(({ recipe }) => recipe)
    const exam = { before, list: after, grade: gradeId, recipes, policies: policiesOf(set) }
    const { add, drop } = await cachedAnswer('move', exam)
    if (add.length + drop.length === 0) continue
    const grade = after.grades.find((each) => each.id === gradeId)!.title
    sets.push({
      id: setId,
      title: set.title,
      pupil: set.pupil.name,
      grade,
      add,
      drop: drop.map((at) => set.studies[at]!.title),
    })
  }
  const name = ({ title, edition }: Syllabus): Message => inText(`${title} ${edition}`.trim())
  return {
    before: version === null ? name(before) : serverMessage('list.version', { title: name(before), version }),
    after: name(after),
    grades: compareSyllabi(before, after),
    sets,
  }
}
