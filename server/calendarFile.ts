import { parseISO } from 'date-fns'
import ical from 'ical-generator'
import { dateOf, prepare } from '#core/practice'
import { calledWhole, plannedText } from '#shared/paper'
import type { Wording } from '#shared/wording'
import { serverMessage } from './messages'
import { preparationFrom, type Planning } from './planning'

/** A set's plan, and whose it is. */
export interface CalendarRequest {
  readonly planning: Planning
  readonly setId: string
  readonly name: string
  readonly title: string
}

/** Text as RFC 5545 (3.3.11) has it: the writer of calendars does so with events, not with a calendar's own name. */
const escaped = (text: string): string => text.replace(/[\\;,]/g, (sign) => `\\${sign}`).replace(/\r\n|[\r\n]/g, '\\n')

/** The calendar itself, worked out in a thread. */
export function calendarFrom({ planning, setId, name, title }: CalendarRequest, words: Wording): string {
  const recipes = planning.set.studies.map(({ recipe }) => recipe)
  const titles = calledWhole(words, recipes)
  const calendar = ical({ name: escaped(words.format(serverMessage('calendar.name', { name, title }))) })
  for (const { day, items, lesson } of prepare(preparationFrom(planning)).plan.days) {
    if (items.length === 0) continue
    const lines = items.map((item) =>
      words.format(
        serverMessage('calendar.item', {
          study: titles[item.study]!,
          how: plannedText(words, recipes[item.study]!, item),
          bpm: Math.round(item.tempo / recipes[item.study]!.tempo.notesPerBeat),
          minutes: item.minutes,
        }),
      ),
    )
    calendar.createEvent({
      id: `${setId}-${dateOf(day)}@tactum`,
      start: parseISO(dateOf(day)),
      allDay: true,
      summary: words.format(
        serverMessage(lesson ? 'calendar.lesson' : 'calendar.practice', {
          minutes: items.reduce((sum, item) => sum + item.minutes, 0),
        }),
      ),
      description: lines.join('\n'),
    })
  }
  calendar.createEvent({
    id: `${setId}-exam@tactum`,
    start: parseISO(planning.aim.exam),
    allDay: true,
    summary: words.format(serverMessage('calendar.exam', { title })),
  })
  return calendar.toString()
}
