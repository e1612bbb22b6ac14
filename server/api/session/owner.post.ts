import { bodies } from '#shared/schemas'
import { doorRoute, readChecked } from '../../http'
import { firstOwner, sessionOfSigned } from '../../people'

/** Makes the first owner, by the address that the start printed. */
export default doorRoute('POST /api/session/owner', async (event) =>
  sessionOfSigned(await firstOwner(event, await readChecked(event, bodies.owner))),
)
