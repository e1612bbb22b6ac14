import { addDays, parseISO } from 'date-fns'
import { dateOf } from '#core/practice'
import { locale } from '~/composables/words'

const asDate = (day: number): Date => parseISO(dateOf(day))
const formatted = (day: number, how: Intl.DateTimeFormatOptions): string =>
  asDate(day).toLocaleDateString(locale(), how)

/** “12 March”. */
export const longDay = (day: number): string => formatted(day, { day: 'numeric', month: 'long' })
/** “12 Mar”. */
export const shortDay = (day: number): string => formatted(day, { day: 'numeric', month: 'short' })
/** “12”. */
export const dayNumber = (day: number): string => formatted(day, { day: 'numeric' })
/** “Thursday 12 March”. */
export const wholeDay = (day: number): string => formatted(day, { weekday: 'long', day: 'numeric', month: 'long' })
/** “Thursday”. */
export const weekdayName = (day: number): string => formatted(day, { weekday: 'long' })
/** “Thu”. */
export const weekdayShort = (day: number): string => formatted(day, { weekday: 'short' })

/** A weekday by its place in the week, Monday first: “Mon”. */
export const shortOfWeek = (place: number): string =>
  addDays(parseISO('2024-01-01'), place).toLocaleDateString(locale(), { weekday: 'short' })
