import type { ShallowRef } from 'vue'
import type { WeekLine } from '#core/lesson'
import type { StoredLesson, StoredWeek } from '#shared/api'
import type { LessonFile } from '#shared/lessonFile'
import type { LessonView } from '#shared/lessonView'
import { askPatiently, newerThan } from '~/composables/api'

/** What the parts of the store of a lesson share. */
interface At {
  readonly file: ShallowRef<LessonFile | null>
  readonly view: ShallowRef<LessonView | null>
  readonly guarded: (work: () => Promise<void>) => Promise<void>
  /** Takes note of how something is undone. */
  readonly note: (undo: () => Promise<void>) => void
  readonly read: () => Promise<void>
}

const bare = ({ id, studyId, study, hands, octaves, stage, tempo, reach, minutes, days, test, ...rest }: WeekLine) => ({
  ...{ id, studyId, study, hands, octaves, stage, tempo, reach, minutes, days, test },
  ...{ where: rest.where, because: rest.because, note: rest.note },
})
const bareLesson = ({ date, status, time, minutes, note, movedTo }: StoredLesson | Omit<StoredLesson, 'version'>) => ({
  ...{ date, status, time, minutes, note, movedTo },
})

/** What is set for the week. */
export function lessonWeek({ file, view, guarded, note, read }: At) {
  const pupilId = (): string => file.value!.pupil.id

  async function writeWeek(lines: readonly WeekLine[], text: string): Promise<void> {
    const { week, today } = file.value!
    const body = { from: week?.from ?? today, lines: lines.map(bare), note: text, version: week?.version ?? 0 }
    try {
      keepWeek(await askPatiently('PUT /api/pupils/:id/week', { id: pupilId() }, body))
    } catch (problem) {
      // somebody else set it meanwhile: it is shown as it stands
      if (newerThan('PUT /api/pupils/:id/week', problem)) await read()
      throw problem
    }
  }
  const keepWeek = (week: StoredWeek | null): void => {
    file.value = { ...file.value!, week }
    if (week) view.value = { ...view.value!, lines: withWatch(week.lines), proposed: false }
  }
  /** What to watch for stays with lines that stay. */
  const withWatch = (lines: readonly WeekLine[]): LessonView['lines'] => {
    const known = new Map(view.value!.lines.map((line) => [line.id, line]))
    return lines.map((line) => {
      const before = known.get(line.id)
      const same = before?.stage === line.stage && before?.where === null && line.where === null
      return { ...line, watch: same ? before.watch : null }
    })
  }
  async function dropWeek(): Promise<void> {
    const { week } = file.value!
    if (week)
      await askPatiently('DELETE /api/pupils/:id/week', { id: pupilId(), from: week.from, version: week.version })
    await read()
  }

  /**
   * Changes what is set; the first change of what is proposed keeps it.
   * @param change the lines as they shall be, asked when its turn comes: changes that come fast all count
   */
  const changeWeek = (change: (lines: readonly WeekLine[]) => readonly WeekLine[]): Promise<void> =>
    guarded(async () => {
      const before = file.value!.week
      await writeWeek(change(view.value!.lines), before?.note ?? '')
      note(() => (before ? writeWeek(before.lines, before.note) : dropWeek()))
    })
  /** Goes back to what is proposed. */
  const propose = (): Promise<void> =>
    guarded(async () => {
      const before = file.value!.week
      await dropWeek()
      if (before) note(() => writeWeek(before.lines, before.note))
    })
  /** Keeps what is proposed, so that it can be printed and looked at next time. */
  const keep = async (): Promise<void> => {
    if (view.value?.proposed) await changeWeek((lines) => lines)
  }

  return { changeWeek, propose, keep }
}

/** What becomes of today's lesson. */
export function lessonStatus({ file, view, guarded, note, read }: At) {
  const writeLesson = async (lesson: StoredLesson): Promise<void> => {
    const saved = await askPatiently('PUT /api/pupils/:id/lesson', { id: file.value!.pupil.id }, lesson)
    await read()
    file.value = { ...file.value!, lessons: [...file.value!.lessons.filter(({ date }) => date !== saved.date), saved] }
  }
  /** Writes what becomes of today's lesson, or of one more. */
  const setLesson = (some: Partial<StoredLesson>): Promise<void> =>
    guarded(async () => {
      const { lesson } = view.value!
      const { today } = file.value!
      const version = (): number => file.value!.lessons.find(({ date }) => date === today)?.version ?? 0
      const before: Omit<StoredLesson, 'version'> = lesson
        ? bareLesson(lesson)
        : { date: today, status: 'planned', time: '12:00', minutes: 30, note: '', movedTo: null }
      await writeLesson({ ...before, ...some, version: version() })
      note(() => writeLesson({ ...before, version: version() }))
    })

  return { setLesson }
}
