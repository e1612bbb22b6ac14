import { SEEN_WITHIN } from './state'
import { WEEKDAYS, type Weekday, weekdayOf } from './days'

/** What is worked towards, and when there is time for it. Days are numbers. */
export interface Aim {
  readonly today: number
  /** The day of the exam: nothing is practised on it. */
  readonly exam: number
  /** Of every day of practice at home. */
  readonly minutesADay: number
  /** What a lesson has for these studies: to hear last week's, mend, set the next. Null: as usual. */
  readonly lessonMinutes: number | null
  /** Days of practice at home. */
  readonly days: readonly Weekday[]
  readonly lesson: Weekday | null
  /** Days without practice, from and to. */
  readonly away: readonly { readonly from: number; readonly to: number }[]
  /** Minutes that today has had already. */
  readonly spent: number
}

/** A day on which something is practised. */
export interface PracticeDay {
  readonly day: number
  readonly minutes: number
  readonly lesson: boolean
  /** The last days before the exam: cold tests and rest. */
  readonly testsOnly: boolean
  /** Working days at home from here to the last; by it studies take turns, so that no day's turn depends on what day it is today; null where none do. */
  readonly reviewDay: number | null
  /** The practice day after it, or the exam's. */
  readonly next: number
}

/** So many days before the exam nothing is worked at any more (common practice, no source). */
export const LAST_DAYS = 2

/** What a lesson has for technique where nobody says: a third of half an hour (common practice), and no more than a day has. */
const lessonMinutesOf = ({ lessonMinutes, minutesADay }: Aim): number => lessonMinutes ?? Math.min(10, minutesADay)

const practises = ({ days, lesson }: Aim, day: number): boolean => {
  const weekday = weekdayOf(day)
  return days.includes(weekday) || weekday === lesson
}
const isAway = ({ away }: Aim, day: number): boolean => away.some(({ from, to }) => day >= from && day <= to)

/** Every practice day from today to the exam. */
export function practiceDays(aim: Aim): PracticeDay[] {
  const { today, exam, minutesADay, lesson, spent } = aim
  const numbers: number[] = []
  for (let day = today; day < exam; day++) if (practises(aim, day) && !isAway(aim, day)) numbers.push(day)
  let left = numbers.filter((day) => day < exam - LAST_DAYS && takesTurns(aim, day)).length
  return numbers.map((day, at) => {
    const isLesson = weekdayOf(day) === lesson
    const minutes = (isLesson ? lessonMinutesOf(aim) : minutesADay) - (day === today ? spent : 0)
    const testsOnly = day >= exam - LAST_DAYS
    const reviewDay = !testsOnly && takesTurns(aim, day) ? --left : null
    const next = numbers[at + 1] ?? exam
    return { ...{ day, lesson: isLesson, testsOnly, reviewDay, next }, minutes: Math.max(0, Math.floor(minutes)) }
  })
}

/** Whether studies take turns on a day: at home, or in lessons where nothing is practised at home. */
const takesTurns = ({ days, lesson }: Aim, day: number): boolean => {
  const weekday = weekdayOf(day)
  return weekday !== lesson ? days.includes(weekday) : days.every((each) => each === lesson)
}

/** Weeks of a pattern that are looked at. */
const LOOKED_AT = 6

/**
 * After how many practice days a study's turn comes again, so that everything is seen within ten days, the last time
 * before the exam too: the most that the days of the week allow, holidays apart.
 */
export function turnsOf(aim: Aim): number {
  const { exam } = aim
  const back: number[] = []
  for (let day = exam - LAST_DAYS - 1; day > exam - LOOKED_AT * WEEKDAYS.length; day--) {
    if (takesTurns(aim, day)) back.push(day)
  }
  const serves = (turns: number): boolean =>
    exam - (back[turns - 1] ?? -Infinity) <= SEEN_WITHIN &&
    back.every((day, at) => back[at + turns] === undefined || day - back[at + turns]! <= SEEN_WITHIN)
  let turns = 1
  while (turns < SEEN_WITHIN && serves(turns + 1)) turns++
  return turns
}
