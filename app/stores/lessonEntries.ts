import { dateOf, type Entry } from '#core/practice'
import type { StoredEntry } from '#shared/api'
import type { LessonRow } from '#shared/lessonView'

/** What is told of a study in a lesson. */
export type LessonEntry = Pick<Entry, 'kind' | 'outcome' | 'tempo' | 'hands' | 'octaves'> &
  Partial<Pick<Entry, 'where' | 'stage' | 'minutes' | 'date' | 'corrects' | 'withdrawn'>> & {
    readonly by?: 'teacher' | 'pupil'
  }

/** An entry as it is sent: of a study in the library by its id, of another as it stands. */
export const sent = ({ id, recipe }: Pick<LessonRow, 'id' | 'recipe'>, entry: LessonEntry, day: number): object => ({
  ...{ id: crypto.randomUUID(), minutes: 0, note: '', by: 'teacher', date: dateOf(day) },
  ...(id ? { studyId: id } : { study: recipe }),
  ...entry,
})

/** What an entry says, to be said again in another that corrects it. */
const said = ({ studyId, study, ...entry }: StoredEntry, corrects: string): object => {
  const { kind, outcome, tempo, hands, octaves, minutes, date, by, where, stage, withdrawn } = entry
  return {
    ...{ id: crypto.randomUUID(), kind, outcome, tempo, hands, octaves, minutes, date, note: '', corrects },
    ...(studyId ? { studyId } : { study }),
    ...{ by: by === 'exam' ? 'teacher' : by, ...(where && { where }), ...(stage && { stage }) },
    ...(withdrawn && { withdrawn }),
  }
}

/** What takes an entry back: what it corrected is said once more, what it said for the first time is withdrawn. */
export const undoing = (entry: StoredEntry, before: readonly StoredEntry[]): object => {
  const earlier = before.find(({ id }) => id === entry.corrects)
  return earlier ? said(earlier, entry.id) : said({ ...entry, withdrawn: true }, entry.id)
}
