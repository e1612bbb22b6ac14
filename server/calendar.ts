import { parseISO } from 'date-fns'
import ical from 'ical-generator'
import { dateOf, prepare } from '#core/practice'
import { titleOf } from '#core/realise'
import type { Wording } from '#shared/wording'
import { type Db, getAim, type Pool, inSnapshot } from './db'
import { refuse, serverMessage } from './messages'
import { preparationOf } from './practice'
import { setFor } from './sets'

const calendarIn = async (db: Db, studio: number, setId: string, words: Wording): Promise<string> => {
  const set = await setFor(db, studio, setId)
  const aim = await getAim(db, studio, setId)
  const preparation = await preparationOf(db, studio, set)
  if (!aim || !preparation) throw refuse('aim.none', {}, 'id')
  const titles = set.studies.map(({ recipe }) => words.format(titleOf(recipe)))
  const calendar = ical({
    name: words.format(serverMessage('calendar.name', { name: set.pupil.name, title: set.title })),
  })
  for (const { day, items, lesson } of prepare(preparation).plan.days) {
    if (items.length === 0) continue
    const lines = items.map(({ study, stage, minutes }) =>
      words.format(
        serverMessage('calendar.item', { study: titles[study]!, stage: { code: 'stage', params: { stage } }, minutes }),
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
    start: parseISO(aim.exam),
    allDay: true,
    summary: words.format(serverMessage('calendar.exam', { title: set.title })),
  })
  return calendar.toString()
}

/** A set's plan as a calendar (iCalendar, RFC 5545): a day's practice, lessons, the exam. @throws HttpError 404 */
export const calendarOf = (pool: Pool, studio: number, setId: string, words: Wording): Promise<string> =>
  inSnapshot(pool, (db) => calendarIn(db, studio, setId, words))
