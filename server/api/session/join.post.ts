import { bodies } from '#shared/schemas'
import { doorRoute, readChecked } from '../../http'
import { acceptInvitation, sessionOfSigned } from '../../people'

/** Takes an invitation: chooses a password, and is in. */
export default doorRoute('POST /api/session/join', async (event) => {
  const { token, password } = await readChecked(event, bodies.accept)
  return sessionOfSigned(await acceptInvitation(event, token, password))
})
