import { route } from '../http'
import { allProgress } from '../practice'

export default route('GET /api/progress', ({ db, studio }) => allProgress(db, studio))
