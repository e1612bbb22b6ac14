import { type Aim, LAST_DAYS, type PracticeDay } from '../calendar'
import { hasNotes, isCold } from '../course'
import { WEEKDAYS, weekdayOf, weekOf } from '../days'
import type { Making } from './making'

const WEEK = WEEKDAYS.length
/** New studies of a week: five at the most, two at the least, one for so many minutes (common practice: a few at once; numbers ours). */
const [MAX_NEW, MIN_NEW, MINUTES_EACH] = [5, 2, 20]
/** A day at home begins no more than this where a week's have been begun already. */
const NEW_A_DAY = 2
/** By this share of the time that is left everything is begun. */
const BEGUN_BY = 0.5

/** So many days before the exam no study waits for another any more (ours). */
const LONG_BEFORE = 28

/** Whether a study waits for one that has the same notes with another touch: it has less to learn once those are there. */
function waitsForTwin({ courses, order, aim }: Making, study: number, day: number): boolean {
  const { target } = courses[study]!
  if (aim.exam - day <= LONG_BEFORE) return false
  return order.some((other) => {
    const twin = courses[other]!
    if (other === study || twin.target.notesKey !== target.notesKey || twin.target.hands !== target.hands) return false
    const isFirst = twin.begunOn !== null || order.indexOf(other) < order.indexOf(study)
    return isFirst && !hasNotes(twin)
  })
}

const isNew = ({ courses }: Making, study: number): boolean => courses[study]!.begunOn === null

/** How many studies may be begun in a week: more where a long list meets a short time. */
function aWeek(making: Making, { day }: PracticeDay): number {
  const { aim, courses, calendar } = making
  const weekly = calendar.reduce((sum, each) => sum + (each.day >= day && each.day < day + WEEK ? each.minutes : 0), 0)
  const some = Math.min(MAX_NEW, Math.max(MIN_NEW, Math.round(weekly / MINUTES_EACH)))
  const waiting = courses.filter((_, study) => isNew(making, study)).length
  const weeks = ((aim.exam - LAST_DAYS - day) * BEGUN_BY) / WEEK
  return Math.max(some, Math.ceil(waiting / Math.max(1, weeks)))
}

/** Days after a lesson in which is begun at home what the lesson had no time for (ours). */
const AFTER_LESSON = 3

/** Whether a lesson was a few days ago, or is today. */
function isAfterLesson({ lesson }: Aim, day: number): boolean {
  if (lesson === null) return true
  const since = (WEEKDAYS.indexOf(weekdayOf(day)) - WEEKDAYS.indexOf(lesson) + WEEK) % WEEK
  return since <= AFTER_LESSON
}

/**
 * Studies that may be begun on a day, in their order. A few a week, so that not everything is open at once; a teacher
 * shows them in the lesson, so that at home nothing is begun but what the lesson had no time for, or where little is in hand.
 */
export function mayBegin(making: Making, practice: PracticeDay): number[] {
  const { courses, order, aim, pinned } = making
  const { day, testsOnly } = practice
  if (testsOnly) return []
  const pinOf = (study: number): number | null => (pinned.has(study) ? weekOf(pinned.get(study)!) : null)
  const most = aWeek(making, practice)
  const lately = courses.filter(({ begunOn }) => begunOn !== null && begunOn < day && begunOn > day - WEEK).length
  const open = courses.filter((course) => course.begunOn !== null && !isCold(course)).length
  const room = isAfterLesson(aim, day) ? most - lately : Math.min(most - lately, most - open)
  const waiting = order.filter((study) => isNew(making, study))
  // what the teacher has put into this week begins in it, whatever else does
  const now = waiting.filter((study) => pinOf(study) === weekOf(day))
  const next = waiting.filter((study) => (pinOf(study) ?? -Infinity) < weekOf(day) && !waitsForTwin(making, study, day))
  return [...now, ...next.slice(0, Math.max(0, room - now.length))]
}

/** Those whose beginning a day is to have room for: in a lesson all that may be begun, else some a day. */
export const toBegin = (may: readonly number[], { lesson }: PracticeDay): readonly number[] =>
  lesson ? may : may.slice(0, NEW_A_DAY)
