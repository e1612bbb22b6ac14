import { listSessions } from '../../db'
import { route } from '../../http'
import { signedIn } from '../../people'

/** Where one is signed in. */
export default route('GET /api/account', async ({ db, studio, asker }) => {
  const { teacher, session } = signedIn(asker)
  return { sessions: await listSessions(db, studio, teacher, session) }
})
