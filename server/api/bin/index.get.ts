import { listTrash } from '../../db'
import { route } from '../../http'

export default route('GET /api/bin', ({ db, studio }) => listTrash(db, studio))
