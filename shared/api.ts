import type { Message } from '#core/message'
import type { LessonSlot } from '#core/lesson'
import type { Accepted } from '#core/realise'
import type { Recipe, RecipeInput, Template } from '#core/instrument'
import type { Entry, Examined, GradeInstead, Raise, PracticeState, WrittenAim } from '#core/practice'
import type { Learning } from './lessons'
import type {
  Choices,
  DrawnItem,
  ExamDraw,
  GradeDifference,
  GradeReport,
  Marking,
  Move,
  OpenChoice,
  Placement,
  Policies,
  Settings,
  Syllabus,
  SyllabusInstrument,
} from '#core/syllabus'

/** A study in a file that was read: how it was known, what it would be, or why it cannot be. */
export interface FoundInFile {
  readonly title: string
  /** Whether its fingers cannot be played, so that the engine's stand instead. */
  readonly unplayable: boolean
  readonly known: 'kept' | 'recognised' | 'listed'
  readonly message: Message | null
  readonly recipe: Recipe | null
  readonly wrong: Message | null
}

/** What a file is; nothing of it is stored. */
export interface FilePreview {
  readonly is: 'studies' | 'list'
  readonly title: string
  readonly found: readonly FoundInFile[]
}

/** A saved study: its recipe and the fingers that the teacher accepted. */
export interface Study {
  readonly id: string
  /** Made from its recipe. */
  readonly title: Message
  readonly recipe: Recipe
  readonly accepted: Accepted
  readonly version: number
  readonly updatedAt: string
}

/** Where a study stands: in the library, out of the way, or thrown away but not gone. */
export type Shelf = 'library' | 'archive' | 'bin'

/** Letters of a tag at the most. */
export const MAX_TAG = 40
/** Tags that a study bears at the most. */
export const MAX_TAGS = 20
/** Studies that a set holds at the most. */
export const MAX_STUDIES = 500

/** A line of the library: what a study is found by. */
export interface StudyListing {
  readonly id: string
  readonly title: Message
  readonly tags: readonly string[]
  readonly shelf: Shelf
  readonly instrument: string
  /** Null where the study is a list of pitches. */
  readonly tonic: string | null
  readonly kind: string | null
  readonly hands: string
  readonly bpm: number
  readonly updatedAt: string
  /** In how many sets it is, whose, and for which syllabi. */
  readonly sets: number
  readonly pupils: readonly string[]
  readonly syllabi: readonly string[]
}

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

/** An entry of the record as it is kept. */
export interface StoredEntry extends Entry {
  readonly id: string
  /** The study that it was of; null where it was kept nowhere. */
  readonly studyId: string | null
  readonly note: string
  readonly by: 'teacher' | 'pupil' | 'exam'
  readonly addedAt: string
}

/** A pupil's record, each study once. */
export interface PupilRecord {
  readonly recipes: readonly Recipe[]
  readonly entries: readonly (Omit<StoredEntry, 'study'> & { readonly recipe: number })[]
}

/** What a set is practised towards; `version` 0 is none yet. */
export interface StoredAim extends Omit<WrittenAim, 'pins'> {
  readonly pins: readonly { readonly studyId: string; readonly week: string }[]
  readonly version: number
}

/** A teacher's own way through the studies of a family; `school` is empty where it is for all of them. */
export interface StoredRoute {
  readonly family: string
  readonly school: string
  readonly steps: Template
  readonly version: number
}

/** Everything that the practice of a set is worked out from. */
export interface PracticeFile {
  readonly set: StudySet
  readonly aim: StoredAim | null
  readonly record: PupilRecord
  /** What its grade draws from; null where it has none. */
  readonly draw: ExamDraw | null
  /** Its grade, the only one of its list here, so that what it asks of fewer studies can be worked out. */
  readonly examined: Examined | null
  /** Grades that could be taken instead, the nearest first. */
  readonly instead: readonly GradeInstead[]
  readonly routes: readonly StoredRoute[]
  /** The day on which the server thinks it is. */
  readonly today: string
}

/** What the record says of a set today: printed is not played, and played is not ready. */
export interface SetReadiness {
  readonly printed: number
  readonly played: number
  readonly ready: number
  readonly required: number
  readonly chance: number
  readonly low: number
  readonly high: number
  readonly drawn: number
  readonly assumed: boolean
  /** How each item stands with whoever plays it, by the id of what is asked. */
  readonly practiceStates: Readonly<Record<string, PracticeState>>
  /** What would raise the chance most by the minute of practice. */
  readonly next: (Raise & { readonly words: Message }) | null
}

/** A pupil's way to an exam, on one line. */
export interface Progress {
  readonly pupilId: string
  readonly setId: string
  readonly exam: string
  readonly comesToday: boolean
  readonly played: number
  readonly ready: number
  readonly studies: number
  /** Cold tests that are due today. */
  readonly due: number
  /** Studies that would not be ready by then. */
  readonly behind: number
  /** What the grade asks and the set does not have. */
  readonly missing: number
  readonly chance: number
  readonly over: boolean
  /** Why nothing can be said of it; null where something can. */
  readonly wrong: Message | null
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

export type { DayLesson, Learning, StoredLesson, StoredWeek } from './lessons'
export type { Backup, BackupReason, BackupState, Erasure, Studio, StudioListing } from './studio'
export type { Syllabus }
