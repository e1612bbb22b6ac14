import { checkSyllabus } from '#core/syllabus'
import { bodies } from '#shared/schemas'
import { readChecked, route, slugParam } from '../../../http'
import { saveSyllabus } from '../../../syllabi'

export default route(async ({ event, studio }) => {
  const { syllabus, version } = await readChecked(event, bodies.syllabus)
  checkSyllabus(syllabus)
  return saveSyllabus(studio, slugParam(event), syllabus, version)
})
