import { listSyllabi } from '../../db'
import { route } from '../../http'

export default route(({ db, studio }) => listSyllabi(db, studio))
