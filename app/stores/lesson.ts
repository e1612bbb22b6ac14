import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { dateOf, type Entry } from '#core/practice'
import type { StoredEntry } from '#shared/api'
import type { LessonFile } from '#shared/lessonFile'
import type { LessonRow, LessonView } from '#shared/lessonView'
import { unpacked } from '#shared/preparation'
import { askPatiently } from '~/composables/api'
import { newestOnly } from '~/composables/realiser'
import { working } from '~/composables/working'
import { opened, practised } from '~/practice'
import { lessonStatus, lessonWeek } from './lessonWeek'

/** What is told of a study in a lesson. */
export type LessonEntry = Pick<Entry, 'kind' | 'outcome' | 'tempo' | 'hands' | 'octaves'> &
  Partial<Pick<Entry, 'where' | 'stage' | 'minutes' | 'date' | 'corrects' | 'withdrawn'>> & {
    readonly by?: 'teacher' | 'pupil'
  }

/** Something that was done in the lesson, and how it is undone. */
interface Done {
  readonly undo: () => Promise<void>
}

/** A lesson with one pupil: what was set, what is asked, what is set next. Everything in it can be undone, the last first. */
export const useLesson = defineStore('lesson', () => {
  const { busy, error, notice, guarded } = working()
  /** What is done goes one after the other, so that what is undone is what was done last. */
  let before = Promise.resolve()
  const inTurn = (work: () => Promise<void>): Promise<void> => (before = before.then(() => guarded(work)))
  const file = shallowRef<LessonFile | null>(null)
  const view = shallowRef<LessonView | null>(null)
  const done = shallowRef<readonly Done[]>([])
  const record = computed(() => (file.value ? unpacked(file.value.record) : []))
  const newest = newestOnly()
  let setId: string | undefined

  async function show(next: LessonFile): Promise<void> {
    file.value = next
    const answer = await newest(() => practised((api) => api.lesson(next)))
    if (answer) view.value = opened(answer).view
  }
  const pupilId = (): string => file.value!.pupil.id
  const read = async (id: string): Promise<void> =>
    show(await askPatiently('GET /api/pupils/:id/lesson', { id, set: setId }))

  const open = (id: string, set?: string): Promise<void> =>
    guarded(async () => {
      if (file.value?.pupil.id !== id || setId !== set) {
        file.value = view.value = null
        done.value = []
      }
      setId = set
      await read(id)
    })

  const note = (undo: () => Promise<void>): void => {
    done.value = [...done.value, { undo }]
  }
  const undoLast = (): Promise<void> =>
    inTurn(async () => {
      const last = done.value.at(-1)
      if (!last) return
      await last.undo()
      done.value = done.value.slice(0, -1)
    })

  async function send(entries: readonly object[]): Promise<StoredEntry[]> {
    const added = unpacked(await askPatiently('POST /api/pupils/:id/record', { id: pupilId() }, { entries }))
    await read(pupilId())
    return added
  }
  /** An entry as it is sent: of a study in the library by its id, of another as it stands. */
  const sent = ({ id, recipe }: Pick<LessonRow, 'id' | 'recipe'>, entry: LessonEntry): object => ({
    ...{ id: crypto.randomUUID(), minutes: 0, note: '', by: 'teacher', date: dateOf(view.value!.today) },
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
  const undoing = (entry: StoredEntry, before: readonly StoredEntry[]): object => {
    const earlier = before.find(({ id }) => id === entry.corrects)
    return earlier ? said(earlier, entry.id) : said({ ...entry, withdrawn: true }, entry.id)
  }
  /** Adds to the record; undone by another entry, so that what was told stays in the history. */
  const tell = (all: readonly { row: Pick<LessonRow, 'id' | 'recipe'>; entry: LessonEntry }[]): Promise<void> =>
    inTurn(async () => {
      const earlier = record.value
      const added = await send(all.map(({ row, entry }) => sent(row, entry)))
      note(async () => void (await send(added.map((entry) => undoing(entry, earlier)))))
    })

  const at = { file, view, guarded: inTurn, note, read: () => read(pupilId()) }

  return {
    ...{ file, view, record, done, busy, error, notice },
    ...{ open, tell, undoLast, ...lessonWeek(at), ...lessonStatus(at) },
  }
})
