import { bodies } from '#shared/schemas'
import { doorRoute, readChecked } from '../../http'
import { invited } from '../../people'

/** Whom an invitation is for. It is sent as a body: an address would stand in logs. */
export default doorRoute('POST /api/session/invitation', async (event) => {
  const { token } = await readChecked(event, bodies.invitation)
  const { name, studioName } = await invited(event, token)
  return { name, studio: studioName }
})
