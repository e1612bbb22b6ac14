import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { changePassword, signedIn } from '../../people'

/** Changes one's own password; everywhere else one is signed out. */
export default route('PUT /api/account/password', async ({ event, asker }) => {
  await changePassword(signedIn(asker), await readChecked(event, bodies.password))
  return { ok: true }
})
