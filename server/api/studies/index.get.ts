import { listStudies } from '../../db'
import { route } from '../../http'

export default route('GET /api/studies', ({ db, studio }) => listStudies(db, studio))
