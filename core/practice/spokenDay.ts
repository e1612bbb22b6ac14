import type { SpokenDay } from '../call'
import { dateOf, dayOf, WEEKDAYS, weekOf } from './days'

const WEEK = WEEKDAYS.length
const [YEAR, MONTH] = [4, 2]
const padded = (value: number, width: number): string => String(value).padStart(width, '0')

/** The day that is meant, looking back from today; null where there is no such day. @param today a day's number */
export function dayMeant(day: SpokenDay, today: number): number | null {
  if ('ago' in day) return today - day.ago
  if ('weekday' in day) {
    const since = (((today - weekOf(today) - day.weekday) % WEEK) + WEEK) % WEEK
    return today - (since === 0 && day.before ? WEEK : since)
  }
  const year = Number(dateOf(today).slice(0, YEAR))
  const found = [year, year - 1]
    .map((each) => dayOf(`${padded(each, YEAR)}-${padded(day.month, MONTH)}-${padded(day.date, MONTH)}`))
    .filter((each): each is number => each !== null)
  return found.find((each) => each <= today) ?? null
}
