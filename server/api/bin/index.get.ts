import { listTrash } from '../../db'
import { route } from '../../http'

export default route(({ db, studio }) => listTrash(db, studio))
