import { idParam, route } from '../../../http'
import { linkOf } from '../../../people'

/** Where a pupil's own page is. */
export default route('GET /api/pupils/:id/link', async ({ event, db, studio }) => ({
  link: await linkOf(db, studio, idParam(event, 'pupil')),
}))
