import { bodies } from '#shared/schemas'
import { doorRoute, readChecked } from '../../http'
import { sessionOfSigned, signIn } from '../../people'

/** Signs in. */
export default doorRoute('POST /api/session', async (event) =>
  sessionOfSigned(await signIn(event, await readChecked(event, bodies.signIn))),
)
