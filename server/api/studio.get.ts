import { getStudio } from '../db'
import { route } from '../http'

export default route('GET /api/studio', ({ db, studio }) => getStudio(db, studio))
