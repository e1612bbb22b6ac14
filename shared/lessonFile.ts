import type { Recipe } from '#core/instrument'
import type { PracticeFile, Pupil, PupilRecord, StoredRoute } from './api'
import type { StoredLesson, StoredWeek } from './lessons'

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
