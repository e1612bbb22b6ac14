import { idParam, route } from '../../../http'
import { renewLink } from '../../../people'

/** Opens a page for a pupil; an earlier address is withdrawn. */
export default route('POST /api/pupils/:id/link', ({ event, db, studio }) =>
  renewLink(db, studio, idParam(event, 'pupil')),
)
