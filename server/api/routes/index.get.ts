import { listRoutes } from '../../db'
import { route } from '../../http'

export default route(({ db, studio }) => listRoutes(db, studio))
