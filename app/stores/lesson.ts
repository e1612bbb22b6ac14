import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { StoredEntry } from '#shared/api'
import type { LessonFile } from '#shared/lessonFile'
import type { LessonRow, LessonView } from '#shared/lessonView'
import { unpacked } from '#shared/preparation'
import { askPatiently } from '~/composables/api'
import { newestOnly } from '~/composables/realiser'
import { working } from '~/composables/working'
import { opened, practised } from '~/practice'
import { entryDay } from './entryDay'
import { type LessonEntry, sent, undoing } from './lessonEntries'
import { lessonStatus, lessonWeek } from './lessonWeek'

/** Something that was done in the lesson, and how it is undone. */
interface Done {
  readonly undo: () => Promise<void>
}

/** A lesson with one pupil: what was set, what is asked, what is set next. Everything in it can be undone, the last first. */
export const useLesson = defineStore('lesson', () => {
  // what is done goes one after the other, so that what is undone is what was done last
  const { busy, error, notice, inTurn } = working()
  const file = shallowRef<LessonFile | null>(null)
  const view = shallowRef<LessonView | null>(null)
  const done = shallowRef<readonly Done[]>([])
  const record = computed(() => (file.value ? unpacked(file.value.record) : []))
  const newest = newestOnly()
  const { day, forget } = entryDay(view)
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
    inTurn(async () => {
      if (file.value?.pupil.id !== id || setId !== set) {
        file.value = view.value = null
        forget()
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
  /** Adds to the record; undone by another entry, so that what was told stays in the history. */
  const tell = (all: readonly { row: Pick<LessonRow, 'id' | 'recipe'>; entry: LessonEntry }[]): Promise<void> =>
    inTurn(async () => {
      const earlier = record.value
      const added = await send(all.map(({ row, entry }) => sent(row, entry, day.value)))
      note(async () => void (await send(added.map((entry) => undoing(entry, earlier)))))
    })

  const at = { file, view, guarded: inTurn, note, read: () => read(pupilId()) }

  return {
    ...{ file, view, record, day, done, busy, error, notice },
    ...{ open, tell, undoLast, ...lessonWeek(at), ...lessonStatus(at) },
  }
})
