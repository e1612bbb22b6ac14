import type { KnownKey, LessonSlot, LessonStatus, Week, WrittenLesson } from '#core/lesson'
import type { Weekday } from '#core/practice'

/** What a pupil learns where there is no exam, and how much is practised. */
export interface Learning {
  /** The list that is followed, level by level; null is the studio's course for the instrument. */
  readonly courseId: string | null
  /** The level that the pupil is at, from 1; null where nobody said. */
  readonly level: number | null
  readonly knows: readonly KnownKey[]
  readonly minutesADay: number
  readonly days: readonly Weekday[]
}

/** Twenty minutes on five days beside the lesson (common practice, no source). */
export const DEFAULT_LEARNING: Learning = {
  ...{ courseId: null, level: null, knows: [], minutesADay: 20 },
  days: ['mon', 'tue', 'wed', 'thu', 'fri'],
}

/** Lessons of one week at the most, and keys that somebody knows. */
export const [MAX_SLOTS, MAX_KNOWN] = [7, 30]
/** Lines of a week at the most. */
export const MAX_LINES = 60

/** `version` 0 is not written yet. */
export interface StoredLesson extends WrittenLesson {
  readonly version: number
}
export interface StoredWeek extends Week {
  readonly version: number
}

/** A pupil's lesson on a day, as the timetable of the day shows it. */
export interface DayLesson {
  readonly pupilId: string
  readonly name: string
  readonly instrument: string
  readonly time: string
  readonly minutes: number
  readonly status: LessonStatus
  /** Whether the timetable has it on this day every week. */
  readonly regular: boolean
  readonly note: string
  readonly movedTo: string | null
  readonly version: number
}

export type { LessonSlot }
