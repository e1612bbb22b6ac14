import { refuse } from '../messages'
import type { Rows } from './rows'

/**
 * What an archive holds of one pupil: sets with their studies, lists and aims, mock exams and the record. What belongs to
 * the studio as a whole stays out. @throws DomainError where there is no such pupil
 */
export function ofPupil(rows: Rows, pupil: string): Rows {
  const pupils = rows.pupils.filter(({ id }) => id === pupil)
  if (pupils.length === 0) throw refuse('archive.pupil', {}, 'pupil')
  const sets = rows.sets.filter(({ pupil_id }) => pupil_id === pupil)
  const setIds = new Set(sets.map(({ id }) => id))
  const setStudies = rows.setStudies.filter(({ set_id }) => setIds.has(set_id))
  const weeks = rows.weeks.filter(({ pupil_id }) => pupil_id === pupil)
  const entries = rows.entries.filter(({ pupil_id }) => pupil_id === pupil)
  const listIds = new Set([
    ...sets.map(({ syllabus_id }) => syllabus_id),
    ...pupils.flatMap(({ learning }) => learning?.courseId ?? []),
  ])
  const studyIds = new Set([
    ...setStudies.map(({ study_id }) => study_id),
    ...entries.flatMap(({ study_id }) => study_id ?? []),
    ...weeks.flatMap(({ document }) => (document.lines ?? []).flatMap(({ studyId }) => studyId ?? [])),
  ])
  return {
    ...{ pupils, sets, setStudies, entries, weeks },
    lessons: rows.lessons.filter(({ pupil_id }) => pupil_id === pupil),
    studies: rows.studies.filter(({ id }) => studyIds.has(id)),
    lists: rows.lists.filter(({ id }) => listIds.has(id)),
    pastLists: rows.pastLists.filter(({ id }) => listIds.has(id)),
    aims: rows.aims.filter(({ set_id }) => setIds.has(set_id)),
    exams: rows.exams.filter(({ pupil_id }) => pupil_id === pupil),
    ...{ routes: [], bin: [], bulkEdits: [], erasures: [] },
  }
}
