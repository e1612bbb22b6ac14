import { idParam, route } from '../../../http'
import { weeksOf } from '../../../lessons'

/** What was set for a pupil, week by week, the last first. */
export default route('GET /api/pupils/:id/weeks', ({ event, db, studio }) =>
  weeksOf(db, studio, idParam(event, 'pupil')),
)
