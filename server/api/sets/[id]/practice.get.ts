import { idParam, route } from '../../../http'
import { practiceOf } from '../../../practice'

export default route('GET /api/sets/:id/practice', ({ event, db, studio }) =>
  practiceOf(db, studio, idParam(event, 'set')),
)
