import type { LessonSlot } from '#core/lesson'
import type { Choices, Policies, Settings } from '#core/syllabus'
import type { Learning } from './lessons'
import type { Study } from './library'

export interface SetListing {
  readonly id: string
  readonly title: string
  readonly studies: number
  readonly syllabusId: string | null
  readonly gradeId: string | null
}

/** How a pupil plays, and what was chosen where lists leave a choice. */
export interface Preferences {
  readonly settings?: Settings
  readonly choices?: Choices
}

export interface Pupil {
  readonly id: string
  readonly name: string
  /** What is taught, as the register has it. */
  readonly instrument: string
  readonly note: string
  readonly preferences: Preferences
  /** Whether they come no more. */
  readonly archived: boolean
  /** When they come every week. */
  readonly lessons: readonly LessonSlot[]
  /** What they learn where there is no exam. */
  readonly learning: Learning
  /** Of name, note, lessons and learning. */
  readonly version: number
  readonly sets: readonly SetListing[]
}

/** What goes with a pupil who is thrown away; studies stay in the library. */
export interface Belongings {
  readonly sets: number
  readonly exams: number
  readonly entries: number
}

/** A pupil's set with its studies in order. */
export interface StudySet {
  readonly id: string
  readonly title: string
  readonly pupil: Pick<Pupil, 'id' | 'name' | 'instrument'>
  readonly syllabusId: string | null
  readonly gradeId: string | null
  /** What counts for it; what is not named is as usual. */
  readonly policies: Partial<Policies>
  /** The version of its list that it was last brought up to. */
  readonly syllabusVersion: number | null
  readonly studies: readonly Study[]
  readonly version: number
}
