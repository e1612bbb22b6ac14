import { setHeader } from 'h3'
import { idParam, languageOf, route } from '../../../http'
import { calendarOf } from '../../../calendar'

export default route('GET /api/sets/:id/calendar', async ({ event, db, studio }) => {
  const calendar = await calendarOf(db, studio, idParam(event, 'set'), languageOf(event))
  setHeader(event, 'content-type', 'text/calendar; charset=utf-8')
  setHeader(event, 'content-disposition', 'attachment; filename="practice.ics"')
  return calendar
})
