import { listTeachers } from '../../db'
import { route } from '../../http'

/** Who works in the studio. */
export default route('GET /api/teachers', ({ db, studio }) => listTeachers(db, studio), 'office')
