import { idParam, route } from '../../../http'
import { withdrawLink } from '../../../people'

/** Closes a pupil's page. */
export default route('DELETE /api/pupils/:id/link', async ({ event, db, studio }) => {
  await withdrawLink(db, studio, idParam(event, 'pupil'))
  return { ok: true }
})
