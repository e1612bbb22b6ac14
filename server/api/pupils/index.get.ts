import { listPupils } from '../../db'
import { route } from '../../http'

export default route('GET /api/pupils', ({ db, studio }) => listPupils(db, studio))
