import { randomUUID } from 'node:crypto'
import type { LessonSlot, WeekLine } from '#core/lesson'
import { dateOf, dayOf, type Outcome, weekdayOf } from '#core/practice'
import type { LessonFile } from '#shared/lessonFile'
import { wordingFor } from '#shared/languages'
import { lessonViewOf } from '#shared/lessonView'
import { packed, unpacked } from '#shared/preparation'
import { type Db, insertEntries, type NewEntry, writeLesson, writeWeek } from '../db'
import { lessonFileOf } from '../lessons'
import { today } from '../clock'

/** A lesson of the timetable; `today` is whichever day it is, so that somebody comes. */
export type DemoSlot = Omit<LessonSlot, 'weekday'> & { readonly weekday: LessonSlot['weekday'] | 'today' }

/** What was set a week ago, and what came of it. */
export interface DemoWeek {
  readonly lines: number
  /** Line by line, day by day: clean, hesitated, wrong, or nothing. */
  readonly boxes: readonly string[]
  readonly note: string
}

const AGO = 7
const OUTCOMES: Readonly<Record<string, Outcome>> = { r: 'right', h: 'hesitated', w: 'wrong' }

export const slotsOf = (slots: readonly DemoSlot[]): LessonSlot[] =>
  slots.map((slot) => ({ ...slot, weekday: slot.weekday === 'today' ? weekdayOf(dayOf(today())!) : slot.weekday }))

/** A lesson's file as it was on a day. */
function fileOn(file: LessonFile, date: string): LessonFile {
  const record = packed(unpacked(file.record).filter((entry) => entry.date <= date))
  const practice = file.practice && { ...file.practice, record, today: date }
  return { ...file, record, practice, today: date, week: null, before: null }
}

function entriesOf(line: WeekLine, boxes: string, from: number): NewEntry[] {
  return [...boxes].flatMap((box, at): NewEntry[] => {
    const outcome = OUTCOMES[box]
    if (!outcome) return []
    const { studyId, study, hands, octaves, stage, reach, minutes } = line
    return [
      {
        ...{ id: randomUUID(), studyId, study, hands, octaves, minutes, outcome, kind: 'home', by: 'pupil', note: '' },
        ...{ date: dateOf(from + 1 + at), tempo: reach, ...(stage ? { stage } : {}) },
      },
    ]
  })
}

/** Lays what was set a week ago, as it was proposed then, with what came back of it. */
export async function layWeek(db: Db, studio: number, pupilId: string, week: DemoWeek): Promise<void> {
  const from = dayOf(today())! - AGO
  const date = dateOf(from)
  const file = await lessonFileOf(db, studio, pupilId, { set: undefined, words: wordingFor('en-GB') })
  const all = lessonViewOf(fileOn(file, date), randomUUID).lines.filter(({ test }) => !test)
  const lines = all.slice(0, week.lines).map(({ watch: _, ...line }) => line)
  await writeWeek(db, studio, pupilId, { from: date, lines, note: '', version: 0 })
  await writeLesson(db, studio, pupilId, {
    ...{ date, status: 'given', time: '16:30', minutes: 30, note: week.note, movedTo: null, version: 0 },
  })
  const entries = lines.flatMap((line, at) => entriesOf(line, week.boxes[at] ?? '', from))
  await insertEntries(
    db,
    studio,
    pupilId,
    entries.sort((a, b) => (a.date < b.date ? -1 : 1)),
  )
}
