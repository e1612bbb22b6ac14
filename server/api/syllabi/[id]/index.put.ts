import { checkSyllabus } from '#core/syllabus'
import { bodies } from '#shared/schemas'
import { readChecked, route, slugParam } from '../../../http'
import { saveSyllabus } from '../../../syllabi'

export default route('PUT /api/syllabi/:id', async ({ event, db, studio }) => {
  const { syllabus, version } = await readChecked(event, bodies.syllabus)
  checkSyllabus(syllabus)
  return saveSyllabus(db, studio, slugParam(event), syllabus, version)
})
