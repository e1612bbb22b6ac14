import { endSessions } from '../../../db'
import { route } from '../../../http'
import { signedIn } from '../../../people'

/** Signs out everywhere else. */
export default route('DELETE /api/account/sessions', async ({ db, studio, asker }) => {
  const { teacher, session } = signedIn(asker)
  return { ended: await endSessions(db, studio, teacher, session) }
})
