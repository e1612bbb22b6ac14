import { route } from '../../http'
import { openDemo } from '../../studios'

/** Makes the demo anew, in a studio of its own, and opens it. */
export default route('POST /api/studios/demo', ({ db }) => openDemo(db), 'machine')
