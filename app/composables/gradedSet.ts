import type { Grade, Syllabus } from '#core/syllabus'
import type { SetReport, StudySet } from '#shared/api'
import { ask } from './api'

/** A set with its grading and the list that it is graded by; both null where it has no grade. */
export interface GradedSet {
  readonly set: StudySet
  readonly setReport: SetReport
  readonly syllabus: Syllabus | null
  readonly grade: Grade | null
}

/** @throws ApiError */
export async function gradedSet(id: string): Promise<GradedSet> {
  const set = await ask('GET /api/sets/:id', { id })
  const { syllabusId, gradeId } = set
  const graded = syllabusId !== null && gradeId !== null
  const [setReport, document] = await Promise.all([
    ask('GET /api/sets/:id/report', { id, ...(graded ? { syllabus: syllabusId, grade: gradeId } : {}) }),
    graded ? ask('GET /api/syllabi/:id', { id: syllabusId }) : null,
  ])
  const syllabus = document?.syllabus ?? null
  return { set, setReport, syllabus, grade: syllabus?.grades.find((grade) => grade.id === gradeId) ?? null }
}
