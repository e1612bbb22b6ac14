/**
 * What goes over the wire: lists, where sets stand, changes and exams; and, from files of their own, studies, pupils,
 * practice, lessons and studios.
 */
import type { RecipeInput } from '#core/instrument'
import type { Message } from '#core/message'
import type {
  DrawnItem,
  GradeDifference,
  GradeReport,
  Marking,
  Move,
  OpenChoice,
  Placement,
  Syllabus,
  SyllabusInstrument,
} from '#core/syllabus'
import type { Study } from './library'
import type { SetReadiness } from './progress'
import type { Preferences, StudySet } from './pupils'

export interface SyllabusListing {
  readonly id: string
  readonly title: string
  readonly board: string
  readonly edition: string
  readonly instrument: SyllabusInstrument
  /** The edition before it. */
  readonly follows: string | null
  readonly shipped: boolean
  /** Whether it is a course to go through level by level, and no exam's list. */
  readonly isCourse: boolean
  readonly version: number
  readonly grades: readonly { readonly id: string; readonly title: string; readonly atoms: number }[]
}

/** A list as it stands, to be shown or changed. */
export interface SyllabusDocument {
  readonly syllabus: Syllabus
  readonly shipped: boolean
  readonly version: number
  readonly past: readonly { readonly version: number; readonly savedAt: string }[]
}

/** What one list asks beside another, and what that means for the sets that are graded by either. */
export interface SyllabusDifference {
  readonly before: Message
  readonly after: Message
  readonly grades: readonly GradeDifference[]
  readonly sets: readonly {
    readonly id: string
    readonly title: string
    readonly pupil: string
    readonly grade: string
    readonly add: readonly Message[]
    /** Titles of studies. */
    readonly drop: readonly Message[]
  }[]
}

/** A later list for a set's grade: what to add and what to drop. */
export interface Newer extends Move {
  /** The list that asks it: another edition, or the same one since it was changed. */
  readonly syllabusId: string
  readonly title: string
}

/** Where a set stands: against one grade, and in every syllabus for its instrument. */
export interface SetReport {
  readonly report: GradeReport | null
  readonly readiness: SetReadiness | null
  readonly placements: readonly { readonly id: string; readonly title: string; readonly placement: Placement }[]
  readonly newer: Newer | null
  /** What has to be chosen before the grade becomes a set; what was chosen before. */
  readonly choices: readonly OpenChoice[]
  readonly preferences: Preferences
}

/** A set that a grade was added to. */
export interface Filled {
  readonly set: StudySet
  readonly added: number
  /** Why some of it could not be added. */
  readonly refused: readonly Message[]
}

/** What puts a set back as it was before a study was mended. */
export interface Undo {
  readonly studyIds: readonly string[]
  readonly studies: readonly Pick<Study, 'id' | 'recipe' | 'accepted' | 'version'>[]
  /** Studies that were made, as they were then: what was worked on since is kept. */
  readonly remove: readonly Pick<Study, 'id' | 'version'>[]
}

/** What a change would make of several studies. */
export interface ChangePreview {
  /** What is changed. */
  readonly some: Partial<RecipeInput>
  /** How many have all of it already. */
  readonly same: number
  readonly studies: readonly {
    readonly id: string
    readonly version: number
    readonly before: Message
    /** Null where it cannot be. */
    readonly after: Message | null
    /** Notes that get other fingers or sticks; null where the notes themselves are others. */
    readonly marks: number | null
    readonly wrong: Message | null
    /** Whose sets hold it. */
    readonly pupils: readonly string[]
  }[]
}

/** Several studies that were changed at once; the id undoes it. */
export interface BulkEdit {
  readonly id: string
  readonly changed: number
}

/** A pupil, a set, a mock exam or a list in the bin. */
export interface Trashed {
  readonly id: string
  readonly what: 'pupil' | 'set' | 'exam' | 'syllabus'
  readonly title: string
  readonly trashedAt: string
}

/** A set put back as it was. */
export interface Restored {
  readonly set: StudySet
  /** Studies that were made, but worked on since, and so moved to the bin. */
  readonly binned: readonly Pick<Study, 'id' | 'title'>[]
}

interface ExamItem extends Omit<DrawnItem, 'study'> {
  readonly studyId: string | null
  /** By criterion; null while it is not marked. */
  readonly marks: readonly (number | null)[]
  readonly note: string
}

/** A mock exam as it was held. */
export interface Exam {
  readonly id: string
  readonly pupil: { readonly id: string; readonly name: string }
  readonly setId: string | null
  readonly setTitle: string
  readonly syllabus: string
  readonly grade: string
  readonly gradeTitle: string
  readonly seed: number
  readonly marking: Marking
  readonly items: readonly ExamItem[]
  /** Null where it was kept unfinished. */
  readonly mark: number | null
  readonly band: string | null
  readonly heldAt: string
}
export type ExamListing = Omit<Exam, 'items'> & { readonly items: number }

export { MAX_STUDIES, MAX_TAG, MAX_TAGS } from './library'
export type { FilePreview, FoundInFile, Shelf, Study, StudyListing } from './library'
export type { Belongings, Preferences, Pupil, SetListing, StudySet } from './pupils'
export type {
  ForecastsKept,
  PracticeFile,
  Progress,
  PupilRecord,
  SetReadiness,
  StoredAim,
  StoredEntry,
  StoredRoute,
} from './progress'
export type { DayLesson, Learning, StoredLesson, StoredWeek } from './lessons'
export type { Backup, BackupReason, BackupState, Erasure, Studio, StudioListing } from './studio'
export type { Syllabus }
