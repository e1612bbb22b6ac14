import { listRoutes } from '../../db'
import { route } from '../../http'

export default route('GET /api/routes', ({ db, studio }) => listRoutes(db, studio))
