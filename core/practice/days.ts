import { addDays, differenceInCalendarDays, formatISO, isValid, parseISO } from 'date-fns'

/** Days are counted from here, so that all reckoning is in whole numbers, whatever the clocks do. */
const EPOCH = parseISO('2000-01-03')
const WRITTEN = /^\d{4}-\d{2}-\d{2}$/

/** Days of the week as they are written, Monday first. */
export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
export type Weekday = (typeof WEEKDAYS)[number]

/** A calendar day as it is written, `2027-03-12`. */
export type Date = string

/** Days that were read: a record has the same few hundred again and again. */
const READ = new Map<Date, number | null>()
const MAX_READ = 5000

/** A day's number; null where there is no such day. */
export function dayOf(text: Date): number | null {
  const known = READ.get(text)
  if (known !== undefined) return known
  if (READ.size >= MAX_READ) READ.clear()
  const day = dayRead(text)
  READ.set(text, day)
  return day
}

function dayRead(text: Date): number | null {
  if (!WRITTEN.test(text)) return null
  const date = parseISO(text)
  return isValid(date) ? differenceInCalendarDays(date, EPOCH) : null
}

/** How a day is written. */
export const dateOf = (day: number): Date => formatISO(addDays(EPOCH, day), { representation: 'date' })

const WEEK = WEEKDAYS.length
export const weekdayOf = (day: number): Weekday => WEEKDAYS[((day % WEEK) + WEEK) % WEEK]!
/** The Monday of a day's week. */
export const weekOf = (day: number): number => day - (((day % WEEK) + WEEK) % WEEK)
