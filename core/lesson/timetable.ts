import { type Date, dateOf, dayOf, type Weekday, weekdayOf } from '../practice'

/** When a pupil comes every week: day, time `16:30`, and how long, minutes. */
export interface LessonSlot {
  readonly weekday: Weekday
  readonly time: string
  readonly minutes: number
}

/** What became of a lesson: still to come, given, missed, or held on another day. */
export const LESSON_STATUSES = ['planned', 'given', 'missed', 'moved'] as const
export type LessonStatus = (typeof LESSON_STATUSES)[number]

/** What is written of a lesson on one date. It goes before what the timetable says of that date. */
export interface WrittenLesson {
  readonly date: Date
  readonly status: LessonStatus
  readonly time: string
  readonly minutes: number
  /** What the teacher wants to remember of it. */
  readonly note: string
  /** The day that it is held on instead. */
  readonly movedTo: Date | null
}

/** A pupil's lesson on a date, written or by the timetable. */
export interface Lesson extends WrittenLesson {
  /** Whether the timetable has it on this day. */
  readonly regular: boolean
}

/** What a pupil's lesson on a date is; null where there is none. */
export function lessonOn(slots: readonly LessonSlot[], written: readonly WrittenLesson[], date: Date): Lesson | null {
  const weekday = weekdayOf(dayOf(date)!)
  const slot = slots.find((each) => each.weekday === weekday)
  const own = written.find((each) => each.date === date)
  if (own) return { ...own, regular: slot !== undefined }
  if (!slot) return null
  return { date, status: 'planned', time: slot.time, minutes: slot.minutes, note: '', movedTo: null, regular: true }
}

/** Of a lesson, what technique has (common practice, no source: a third). */
const FOR_TECHNIQUE = 1 / 3

/** Minutes that a pupil's lesson has for scales and arpeggios; null where there is no lesson. */
export const techniqueMinutes = (slots: readonly LessonSlot[]): number | null =>
  slots[0] ? Math.max(1, Math.round(slots[0].minutes * FOR_TECHNIQUE)) : null

/** Days that are looked ahead for a lesson. */
const LOOKED_AHEAD = 60

/** The next lesson after a day that is not missed or moved; null where none is in sight. */
export function lessonAfter(
  slots: readonly LessonSlot[],
  written: readonly WrittenLesson[],
  after: Date,
): Lesson | null {
  const from = dayOf(after)!
  for (let day = from + 1; day <= from + LOOKED_AHEAD; day++) {
    const lesson = lessonOn(slots, written, dateOf(day))
    if (lesson && (lesson.status === 'planned' || lesson.status === 'given')) return lesson
  }
  return null
}

/** The last lesson that was written down before a day; null where there is none. */
export const lessonBefore = (written: readonly WrittenLesson[], before: Date): WrittenLesson | null =>
  written
    .filter(({ date, status }) => date < before && status !== 'moved')
    .reduce<WrittenLesson | null>((last, each) => (last && last.date > each.date ? last : each), null)
