import { format, isToday, isYesterday, parseISO } from 'date-fns'
import { dayOf } from '#core/practice'
import { longDay } from '~/components/practice/dates'

/** A moment as it is written here: its day in words, and the time on the clock. */
export function momentOf(iso: string): { date: string; time: string; day: 'today' | 'yesterday' | 'other' } {
  const at = parseISO(iso)
  return {
    date: longDay(dayOf(format(at, 'yyyy-MM-dd'))!),
    time: format(at, 'HH:mm'),
    day: isToday(at) ? 'today' : isYesterday(at) ? 'yesterday' : 'other',
  }
}
