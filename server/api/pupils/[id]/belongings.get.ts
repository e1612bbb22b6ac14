import { belongings } from '../../../db'
import { idParam, route } from '../../../http'

/** What would go with a pupil who is thrown away. */
export default route('GET /api/pupils/:id/belongings', ({ event, db, studio }) =>
  belongings(db, studio, idParam(event, 'pupil')),
)
