import { practiceDays } from '../calendar'
import { isCold } from '../course'
import { practised, slotsOf } from './day'
import type { Making } from './making'

/** Days before today in which what is not written down is thought of (ours). */
const MAX_UNKNOWN = 3
/** Practice days that are kept, as far as nothing is known: four in five, worth five days (ours). */
const KEPT_PRIOR = { kept: 4, all: 5 }

/**
 * The minutes of the last days that are not written down: nothing is known of them, so they were planned and practised
 * like any other, as often as this pupil keeps a practice day; yesterday may only not be written down yet. What was to be
 * asked is still to be asked.
 */
export function unknownDays(making: Making): void {
  const { aim, written } = making
  if (written.size === 0) return
  const since = practiceDays({ ...aim, today: Math.min(...written.keys()), spent: 0 }).filter(
    ({ day }) => day < aim.today,
  )
  const from = aim.today - MAX_UNKNOWN
  const [planned, had] = [since.map(({ day }) => day), [...written.keys()]].map(
    (days) => days.filter((day) => day < from).length,
  ) as [number, number]
  const kept = (KEPT_PRIOR.kept + had) / (KEPT_PRIOR.all + Math.max(planned, had))
  const last = since.at(-1)
  for (const practice of since.filter(({ day, testsOnly }) => day >= from && !testsOnly)) {
    // a test or two that are written down say nothing of the rest of a day
    if ((written.get(practice.day) ?? 0) >= practice.minutes / 2) continue
    const { slots } = slotsOf(making, practice, making.calendar.length)
    for (const { study, test, again, mends, minutes } of slots) {
      const course = making.courses[study]!
      // a hearing on the way comes again in its time; what went wrong, or is due, is asked all the same
      if (test && !again && !isCold(course)) course.heardOn = practice.day
      const isOver = test || mends || (course.lastSeen ?? 0) >= practice.day
      if (!isOver) practised(making, course, practice.day, minutes, making.pace * (practice === last ? 1 : kept))
    }
  }
  making.late = []
}
