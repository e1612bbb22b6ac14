import { restore } from '../../../bin'
import { idParam, route } from '../../../http'

export default route('POST /api/bin/:id/restore', ({ event, db, studio }) =>
  restore(db, studio, idParam(event, 'thing')),
)
