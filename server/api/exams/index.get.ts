import { getQuery } from 'h3'
import { listExams } from '../../db'
import { idQuery, route } from '../../http'

/** The mock exams of all pupils, or of the set that is named. */
export default route('GET /api/exams', ({ event, db, studio }) =>
  listExams(db, studio, idQuery(getQuery(event).set, 'set')),
)
