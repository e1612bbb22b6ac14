import { doorRoute } from '../../http'
import { sessionState } from '../../people'

/** Whether anybody has to sign in here, and who has. */
export default doorRoute('GET /api/session', sessionState)
