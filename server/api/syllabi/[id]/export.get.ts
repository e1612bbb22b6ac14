import { getQuery, setResponseHeader } from 'h3'
import { route, slugParam } from '../../../http'
import { documentOf, exported } from '../../../syllabi'

export default route('GET /api/syllabi/:id/export', async ({ event, db, studio }) => {
  const format = getQuery(event).format === 'csv' ? 'csv' : 'json'
  const { syllabus } = await documentOf(db, studio, slugParam(event))
  const type = format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json'
  setResponseHeader(event, 'content-type', type)
  setResponseHeader(event, 'content-disposition', `attachment; filename="${syllabus.id}.${format}"`)
  return exported(syllabus, format)
})
