import { listStudios } from '../../db'
import { route } from '../../http'

export default route('GET /api/studios', ({ db }) => listStudios(db))
