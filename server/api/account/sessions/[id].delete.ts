import { endSessionOf } from '../../../db'
import { idParam, notFound, route } from '../../../http'
import { signedIn } from '../../../people'

/** Signs out in one place. */
export default route('DELETE /api/account/sessions/:id', async ({ event, db, studio, asker }) => {
  if (!(await endSessionOf(db, studio, signedIn(asker).teacher, idParam(event, 'session')))) throw notFound('session')
  return { ok: true }
})
