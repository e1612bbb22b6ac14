import { type PracticeDay, practiceDays, turnsOf } from '../calendar'
import { courseFrom } from '../course'
import { meanOf } from '../pace'
import { SEEN_WITHIN } from '../state'
import { dayOf } from './day'
import type { Making, Plan, PlannedDay, Task } from './making'
import { hardFirst, withinDays } from './need'
import { unknownDays } from './unknown'

/** Studies that more than ten days pass by once they are begun, or that are never begun. */
function unseenIn(days: readonly PlannedDay[], { aim, states }: Task, calendar: readonly PracticeDay[]): number[] {
  const today = calendar[0]?.day ?? aim.exam
  return states.flatMap(({ begunOn }, study) => {
    const seen = days.filter(({ items }) => items.some((item) => item.study === study)).map(({ day }) => day)
    const first = begunOn === null ? seen[0] : today
    if (first === undefined) return [study]
    const marks = [first, ...seen, aim.exam]
    return marks.slice(1).some((day, at) => day - marks[at]! > SEEN_WITHIN) ? [study] : []
  })
}

/**
 * The way from today to the exam, day by day. A few studies are begun each week, the hard ones first. What is begun takes
 * turns that are counted back from the exam, so that nothing else moves when one of them goes better or worse; what is
 * left of a day's minutes goes to what is furthest from its tempo. A lesson hears, mends and begins.
 */
export function planFor(task: Task): Plan {
  const { aim, targets, states, pupil } = task
  const calendar = practiceDays(aim)
  const courses = targets.map((target, at) => courseFrom(target, states[at]!))
  const pace = meanOf(pupil.pace)
  const making: Making = {
    ...task,
    ...{ courses, pace, calendar, turns: turnsOf(aim), late: [], order: hardFirst(targets) },
    within: withinDays(courses, calendar, pace),
    pinned: new Map(task.pins.map(({ study, week }) => [study, week])),
  }
  unknownDays(making)
  const days = calendar.map((practice, at): PlannedDay => {
    const items = dayOf(making, practice, calendar.length - at)
    return { day: practice.day, lesson: practice.lesson, items }
  })
  return { days, courses, unseen: unseenIn(days, task, calendar) }
}
