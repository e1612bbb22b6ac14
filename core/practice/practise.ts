import type { ExamDraw } from '../syllabus'
import type { Aim } from './calendar'
import { courseFrom } from './course'
import { besidesOn } from './draw'
import type { Entry } from './entry'
import { bestRaise, chanceNow, type Outlook, outlookAfter, outlookOf, type Raise } from './outlook'
import { type Pupil, pupilFrom } from './pace'
import { type Pinned, type Plan, planFor } from './plan'
import { type PracticeState, practiceStateOn, statesOf, type StudyState } from './state'
import type { Target } from './target'

/** Everything that practice is worked out from. */
export interface Preparation {
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

/** What the record says, with no plan: states, and the chance that a draw today asks nothing that would go wrong. */
export function practiceStatesToday(
  targets: readonly Target[],
  record: readonly Entry[],
  draw: ExamDraw,
  today: number,
): Today {
  const states = statesOf(targets, record)
  const pupil = pupilFrom(states)
  const outlook = outlookOf(
    draw,
    targets.map((target, at) => chanceNow(target, states[at]!, today)),
    pupil,
    besidesOn(draw, record, today),
  )
  const courses = targets.map((target, at) => courseFrom(target, states[at]!))
  return {
    ...{ states, pupil, outlook },
    practiceStates: targets.map((target, at) => practiceStateOn(target, states[at]!, today)),
    raise: bestRaise(draw, outlook, courses, pupil),
  }
}

export interface Prepared extends Today {
  readonly plan: Plan
  /** What a draw on the exam's day comes to if the plan is kept. */
  readonly then: Outlook
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
  return { states, pupil, plan: planFor({ aim, targets, states, pupil, pins }) }
}

/** The plan to the exam, and what it comes to. */
export function prepare({ aim, targets, record, draw, pins = [] }: Preparation): Prepared {
  const today = practiceStatesToday(targets, record, draw, aim.today)
  const { states, pupil } = today
  const plan = planFor({ aim, targets, states, pupil, pins })
  const starts = targets.map((target, at) => courseFrom(target, states[at]!))
  const besides = besidesOn(draw, record, aim.exam)
  return { ...today, plan, then: outlookAfter(draw, starts, plan, pupil, aim.exam, besides) }
}
