import type { Recipe } from '#core/instrument'
import type { KnownKey, LessonSlot, LessonStatus, Week, WrittenLesson } from '#core/lesson'
import type { Weekday } from '#core/practice'
import type { PracticeFile, Pupil, PupilRecord, StoredRoute } from './api'

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

/** A course that is followed level by level. */
export interface LearningCourse {
  /** The list that it is; null for the one that comes with the program. */
  readonly id: string | null
  readonly title: string
  readonly levels: readonly string[]
  /** Place of the pupil's level. */
  readonly level: number
  /** Its studies from that level on, in order, in the pupil's own settings. */
  readonly recipes: readonly Recipe[]
}

/** Everything that a pupil's lesson is worked out from. */
export interface LessonFile {
  readonly pupil: Pupil
  /** The set that the lesson is about, with its aim; null where the pupil has none, or learns without one. */
  readonly practice: PracticeFile | null
  /** Studies in the pupil's other sets. */
  readonly others: readonly { readonly id: string; readonly recipe: Recipe }[]
  readonly record: PupilRecord
  readonly routes: readonly StoredRoute[]
  readonly course: LearningCourse | null
  /** What is written of lessons about this time. */
  readonly lessons: readonly StoredLesson[]
  /** The week of this lesson, if it was set already, and the one before it. */
  readonly week: StoredWeek | null
  readonly before: StoredWeek | null
  readonly today: string
}

export type { LessonSlot }
