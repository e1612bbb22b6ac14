import type { Hands } from '../../study'
import type { Aim, PracticeDay } from '../calendar'
import type { Course } from '../course'
import type { Where } from '../entry'
import type { Pupil } from '../pace'
import type { StudyState } from '../state'
import type { Target } from '../target'

/** What is done about one study on one day. */
export interface PlanItem {
  /** Its place among the studies, from 0. */
  readonly study: number
  readonly stage: string
  readonly hands: Hands
  readonly octaves: number
  /** Notes a minute. */
  readonly tempo: number
  readonly minutes: number
  readonly test: boolean
  /** Where it went wrong last: the sitting is spent there. `null`: somewhere in these hands. */
  readonly where?: Where | null
}
export interface PlannedDay {
  readonly day: number
  readonly lesson: boolean
  readonly items: readonly PlanItem[]
}

/** A study that the teacher has put into a week: work beyond its turns begins then, and comes first there. */
export interface Pinned {
  readonly study: number
  /** Any day of the week. */
  readonly week: number
}

export interface Task {
  readonly aim: Aim
  readonly targets: readonly Target[]
  readonly states: readonly StudyState[]
  readonly pupil: Pupil
  readonly pins: readonly Pinned[]
  /** Minutes that the record has, by the day. */
  readonly written: ReadonlyMap<number, number>
}

export interface Plan {
  readonly days: readonly PlannedDay[]
  readonly courses: readonly Course[]
  /** Studies that are never begun, or that more than ten days pass by once they are, as there are too few minutes. */
  readonly unseen: readonly number[]
}

/** A plan in the making: its studies move along as the days go by. */
export interface Making extends Task {
  readonly courses: readonly Course[]
  readonly pace: number
  /** Practice days after which a study's turn comes again. */
  readonly turns: number
  /** Studies in the order in which they are begun, and come first: the hard ones before the easy. */
  readonly order: readonly number[]
  /** Studies that will do in the time there is: they come before the others. */
  readonly within: ReadonlySet<number>
  readonly pinned: ReadonlyMap<number, number>
  readonly calendar: readonly PracticeDay[]
  /** Studies whose turn could not be had on its day. */
  late: number[]
}

/** A place in a day. */
export interface Slot {
  readonly study: number
  readonly test: boolean
  /** Whether it is asked again after it went wrong: it may be practised afterwards. */
  readonly again: boolean
  /** Whether what went wrong is worked at, rather than the stage. */
  readonly mends: boolean
  minutes: number
}
