import { listPupils } from '../../db'
import { route } from '../../http'

export default route(({ db, studio }) => listPupils(db, studio))
