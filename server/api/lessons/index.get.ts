import { dateQuery, route } from '../../http'
import { dayLessons } from '../../lessons'
import { today } from '../../clock'

/** Lessons of a day, today unless one is named. */
export default route('GET /api/lessons', ({ event, db, studio }) =>
  dayLessons(db, studio, dateQuery(event, 'date') ?? today()),
)
