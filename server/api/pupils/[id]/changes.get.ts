import { previewForPupil } from '../../../changes'
import { idParam, route } from '../../../http'

/** What a pupil's studies would be if they were made the way the pupil plays; nothing is stored. */
export default route('GET /api/pupils/:id/changes', ({ event, db, studio }) =>
  previewForPupil(db, studio, idParam(event, 'pupil')),
)
