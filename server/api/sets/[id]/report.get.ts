import { getQuery } from 'h3'
import { idParam, route, textQuery } from '../../../http'
import { reportOf } from '../../../reports'

export default route('GET /api/sets/:id/report', async ({ event, db, studio }) => {
  const { syllabus, grade } = getQuery(event)
  return reportOf(db, studio, idParam(event, 'set'), textQuery(syllabus, 'syllabus'), textQuery(grade, 'grade'))
})
