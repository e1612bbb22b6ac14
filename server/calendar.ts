import { type Pool, inSnapshot } from './db'
import { refuse } from './messages'
import { planningOf } from './practice'
import { setFor } from './sets'
import { thread } from './work'

/** A set's plan as a calendar (iCalendar, RFC 5545): a day's practice, lessons, the exam. @throws HttpError 404 */
export async function calendarOf(pool: Pool, studio: number, setId: string, language: string): Promise<string> {
  const request = await inSnapshot(pool, async (db) => {
    const set = await setFor(db, studio, setId)
    const planning = await planningOf(db, studio, set)
    if (!planning) throw refuse('aim.none', {}, 'id')
    return { planning, setId, name: set.pupil.name, title: set.title }
  })
  return thread('calendar', { request, language })
}
