import { doorRoute } from '../../http'
import { signOut } from '../../people'

/** Signs out. */
export default doorRoute('DELETE /api/session', async (event) => {
  await signOut(event)
  return { ok: true }
})
