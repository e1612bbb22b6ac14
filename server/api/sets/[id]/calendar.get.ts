import { setHeader } from 'h3'
import { idParam, route } from '../../../http'
import { calendarOf } from '../../../calendar'

export default route('GET /api/sets/:id/calendar', async ({ event, words, db, studio }) => {
  const calendar = await calendarOf(db, studio, idParam(event, 'set'), words)
  setHeader(event, 'content-type', 'text/calendar; charset=utf-8')
  setHeader(event, 'content-disposition', 'attachment; filename="practice.ics"')
  return calendar
})
