import { listSyllabi } from '../../db'
import { route } from '../../http'

export default route('GET /api/syllabi', ({ db, studio }) => listSyllabi(db, studio))
