import { randomUUID } from 'node:crypto'
import { outcomeOf } from '#core/practice'
import {
  fullGrade,
  atomsOf,
  drawExam,
  type DrawnItem,
  type ItemMarks,
  gradeOf,
  type Marking,
  resultOf,
  saysHands,
  DEFAULT_MARKING,
} from '#core/syllabus'
import type { Exam, StudySet } from '#shared/api'
import {
  type Db,
  dateExam,
  getExam,
  holdPupil,
  holdSet,
  insertEntries,
  insertExam,
  inTransaction,
  type NewEntry,
  type Pool,
} from './db'
import { today } from './clock'
import { notFound } from './httpError'
import { refuse } from './messages'
import { policiesOf, setFor, syllabusFor } from './sets'
import { cachedAnswer } from './work'

/** What is drawn from a set's grade for a seed, and how its board marks. @throws DomainError where it has no grade */
export async function drawFor(db: Db, studio: number, set: StudySet, seed: number) {
  if (!set.syllabusId || !set.gradeId) throw refuse('set.grade', {}, 'gradeId')
  const { document } = await syllabusFor(db, studio, set.syllabusId)
  const grade = gradeOf(document, set.gradeId)
  const atoms = atomsOf(document, grade)
  const recipes = set.studies.map(({ recipe }) => recipe)
  const report = await cachedAnswer('grade', { list: document, grade: grade.id, recipes, policies: policiesOf(set) })
  const items = drawExam(fullGrade(document, grade), atoms, report, seed, saysHands(document))
  return { items, marking: document.marking ?? DEFAULT_MARKING, syllabus: document, grade }
}

/** What a mock exam adds to the record: an entry for each item that a study serves, as it was marked. */
function entriesOf(
  { marks, notes, on = today() }: Held,
  items: readonly DrawnItem[],
  marking: Marking,
  set: StudySet,
): NewEntry[] {
  return items.flatMap(({ study, notesPerMinute }, at): NewEntry[] => {
    const outcome = outcomeOf(marks[at]!, marking)
    if (study === null || outcome === null) return []
    const { id: studyId, recipe } = set.studies[study]!
    return [
      {
        ...{ id: randomUUID(), studyId, study: recipe, date: on, kind: 'mock-exam', outcome, by: 'exam' },
        ...{ tempo: notesPerMinute, hands: recipe.hands, octaves: recipe.octaves, minutes: 1, note: notes[at] ?? '' },
      },
    ]
  })
}

interface Held {
  readonly setId: string
  readonly seed: number
  /** Item by item, by the board's criteria; null where it is not marked. */
  readonly marks: readonly ItemMarks[]
  /** Whether it is kept as it stands, without a result where something is not marked. */
  readonly unfinished?: boolean
  readonly notes: readonly string[]
  /** Ids of what was called, so that a list that changed meanwhile is not marked for another. */
  readonly expected: readonly string[]
  /** The day on which it was held; today unless said. */
  readonly on?: string
}

function checkDrawn(items: readonly DrawnItem[], { expected, marks }: Held): void {
  const same = items.length === expected.length && items.every(({ atom }, at) => atom === expected[at])
  if (!same) throw refuse('exam.changed', {}, 'expected')
  if (marks.length !== items.length) throw refuse('marks.count', { count: items.length }, 'marks')
}

/** Keeps a mock exam in the pupil's record. @throws HttpError 404, DomainError naming the mark */
export const keepExam = (pool: Pool, studio: number, held: Held): Promise<Exam> =>
  inTransaction(pool, (db) => holdExam(db, studio, held))

/** The same, in a transaction that has begun. */
export async function holdExam(db: Db, studio: number, held: Held): Promise<Exam> {
  const { pupil } = await setFor(db, studio, held.setId)
  // pupils before sets, as whoever moves them to the trash
  if (!(await holdPupil(db, studio, pupil.id)) || !(await holdSet(db, studio, held.setId))) throw notFound('set')
  const set = await setFor(db, studio, held.setId)
  const { items, marking, syllabus, grade } = await drawFor(db, studio, set, held.seed)
  checkDrawn(items, held)
  const { mark, band } = resultOf(marking, held.marks)
  if (mark === null && !held.unfinished) throw refuse('marks.open', {}, 'marks')
  await insertEntries(db, studio, set.pupil.id, entriesOf(held, items, marking, set))
  const id = await insertExam(db, studio, set.pupil.id, set.id, {
    ...{ setTitle: set.title, syllabus: `${syllabus.title} ${syllabus.edition}`.trim() },
    ...{ grade: grade.id, gradeTitle: grade.title, seed: held.seed, marking, mark, band },
    items: items.map(({ study, ...item }, at) => ({
      ...item,
      studyId: study === null ? null : set.studies[study]!.id,
      marks: held.marks[at]!,
      note: held.notes[at] ?? '',
    })),
  })
  if (held.on) await dateExam(db, studio, id, held.on)
  return (await getExam(db, studio, id))!
}
