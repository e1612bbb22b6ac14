import { erasePupil } from '../../../erasing'
import { idParam, route } from '../../../http'
import { refuseShared } from '../../../people'

/** Erases a pupil wholly, with all that is theirs; only that it happened is remembered. */
export default route('POST /api/pupils/:id/erase', async ({ event, db, studio, asker }) => {
  const id = idParam(event, 'pupil')
  await refuseShared(db, asker, studio, id)
  return erasePupil(db, studio, id)
})
