import { undoChange } from '../../../changes'
import { idParam, route } from '../../../http'

/** Takes a change of several studies back, but for those that were worked on since. */
export default route('POST /api/changes/:id/undo', ({ event, db, studio }) =>
  undoChange(db, studio, idParam(event, 'change')),
)
