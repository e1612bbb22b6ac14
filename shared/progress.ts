import type { Recipe, Template } from '#core/instrument'
import type { Message } from '#core/message'
import type { Entry, Examined, GradeInstead, KeptBin, PracticeState, Raise, WhoPlays, WrittenAim } from '#core/practice'
import type { ExamDraw } from '#core/syllabus'
import type { StoredWeek } from './lessons'
import type { StudySet } from './pupils'

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
  /** What was set last for the pupil; null where nothing was. */
  readonly week: StoredWeek | null
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
  /** The pupil's level, and how forecasts are corrected by what came true in the studio. */
  readonly who: WhoPlays
  /** The day on which the server thinks it is. */
  readonly today: string
}

/** How often what was said of cold tests came true in a studio. */
export interface ForecastsKept {
  readonly bins: readonly KeptBin[]
  readonly tests: number
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
