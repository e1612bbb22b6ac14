import { route } from '../http'
import { allProgress } from '../progress'

export default route('GET /api/progress', ({ db, studio }) => allProgress(db, studio))
