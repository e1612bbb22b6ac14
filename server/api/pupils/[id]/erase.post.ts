import { erasePupil } from '../../../erasing'
import { idParam, route } from '../../../http'

/** Erases a pupil wholly, with all that is theirs; only that it happened is remembered. */
export default route('POST /api/pupils/:id/erase', ({ event, db, studio }) =>
  erasePupil(db, studio, idParam(event, 'pupil')),
)
