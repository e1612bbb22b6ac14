import type { ExamDraw } from '../syllabus'
import type { Aim } from './calendar'
import { courseFrom } from './course'
import { besidesOf } from './draw'
import { dayOf } from './days'
import { currentEntries, type Entry } from './entry'
import { type Correction, forecastFor } from './forecast'
import { bestRaise, type Outlook, outlookOf, type Raise } from './outlook'
import { type Pupil, pupilFrom } from './pace'
import { type Pinned, type Plan, planFor } from './plan'
import { type PracticeState, practiceStateOn, statesOf, type StudyState } from './state'
import type { Target } from './target'

/** What is known of whoever plays besides the record. */
export interface WhoPlays {
  /** The level that the pupil is at, from 1; null where nobody said. */
  readonly level?: number | null
  /** How forecasts are corrected by what came true in the studio. */
  readonly correction?: Correction
  /** Minutes that a lesson has for these studies; null: as usual. */
  readonly lessonMinutes?: number | null
}

/** Everything that practice is worked out from. */
export interface Preparation extends WhoPlays {
  readonly aim: Aim
  readonly targets: readonly Target[]
  readonly record: readonly Entry[]
  readonly draw: ExamDraw
  readonly pins?: readonly Pinned[]
}

/** How a pupil's studies stand today. */
export interface Today {
  readonly states: readonly StudyState[]
  readonly practiceStates: readonly PracticeState[]
  readonly pupil: Pupil
  /** What a draw today would come to. */
  readonly outlook: Outlook
  /** What would raise it most by the minute. */
  readonly raise: Raise | null
}

interface Outlooks {
  readonly now: Outlook
  /** On the exam's day if the plan is kept; as `now` where nothing is worked towards. */
  readonly then: Outlook
}

/** What a draw comes to, today and on the exam's day. */
export function outlooksOf(
  { targets, record, draw, level, correction }: Omit<Preparation, 'aim' | 'pins'>,
  today: number,
  aim: Aim | null,
): Outlooks {
  const grounds = { record, today, aim, level }
  const forecast = forecastFor({ ...grounds, targets }, correction)
  const besides = besidesOf(draw, grounds, correction)
  return {
    now: outlookOf(draw, forecast.now, forecast.spreadNow, besides.now, forecast.offNow),
    then: outlookOf(draw, forecast.then, forecast.spreadThen, besides.then, forecast.offThen),
  }
}

/** What a draw on the exam's day comes to if a plan is made and kept. */
export const outlookThen = (preparation: Preparation): Outlook =>
  outlooksOf(preparation, preparation.aim.today, preparation.aim).then

function todayOf(
  { targets, record, draw }: Pick<Preparation, 'targets' | 'record' | 'draw'>,
  outlook: Outlook,
  today: number,
): Today {
  const states = statesOf(targets, record)
  const pupil = pupilFrom(states)
  const courses = targets.map((target, at) => courseFrom(target, states[at]!))
  const practiceStates = targets.map((target, at) => practiceStateOn(target, states[at]!, today))
  return {
    ...{ states, pupil, outlook, practiceStates },
    raise: bestRaise(draw, outlook, courses, pupil, practiceStates),
  }
}

/** What the record says, with no plan: states, and the chance that a draw today asks nothing that would go wrong. */
export function practiceStatesToday(
  targets: readonly Target[],
  record: readonly Entry[],
  draw: ExamDraw,
  today: number,
  { aim = null, ...who }: WhoPlays & { readonly aim?: Aim | null } = {},
): Today {
  const given = { targets, record, draw, ...who }
  return todayOf(given, outlooksOf(given, today, aim).now, today)
}

export interface Prepared extends Today {
  readonly plan: Plan
  /** What a draw on the exam's day comes to if the plan is kept. */
  readonly then: Outlook
}

/** What a record has of each day, minutes; an entry without any is a minute. */
function minutesByDay(record: readonly Entry[]): Map<number, number> {
  const days = new Map<number, number>()
  for (const { date, minutes } of currentEntries(record)) {
    const day = dayOf(date)!
    days.set(day, (days.get(day) ?? 0) + Math.max(1, minutes))
  }
  return days
}

/** The plan to the exam alone: who does what on which day. */
export function planned({
  aim,
  targets,
  record,
  pins = [],
}: Preparation): Pick<Today, 'states' | 'pupil'> & { plan: Plan } {
  const states = statesOf(targets, record)
  const pupil = pupilFrom(states)
  return { states, pupil, plan: planFor({ aim, targets, states, pupil, pins, written: minutesByDay(record) }) }
}

/** The plan to the exam, and what it comes to. */
export function prepare(preparation: Preparation): Prepared {
  const { aim, targets, record, pins = [] } = preparation
  const { now, then } = outlooksOf(preparation, aim.today, aim)
  const today = todayOf(preparation, now, aim.today)
  const { states, pupil } = today
  return { ...today, then, plan: planFor({ aim, targets, states, pupil, pins, written: minutesByDay(record) }) }
}
