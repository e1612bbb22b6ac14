import { listThrownAway } from '../../db'
import { route } from '../../http'

export default route(({ db, studio }) => listThrownAway(db, studio))
