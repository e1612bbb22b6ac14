import { listErasures } from '../db'
import { route } from '../http'

/** When pupils were erased: not who they were. */
export default route('GET /api/erasures', ({ db, studio }) => listErasures(db, studio))
