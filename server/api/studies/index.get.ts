import { listStudies } from '../../db'
import { route } from '../../http'

export default route(({ db, studio }) => listStudies(db, studio))
