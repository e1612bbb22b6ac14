import { listExams } from '../../db'
import { route } from '../../http'

export default route(({ db, studio }) => listExams(db, studio))
