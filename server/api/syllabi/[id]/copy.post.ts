import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { readChecked, route, slugParam } from '../../../http'
import { copySyllabus } from '../../../syllabi'

export default route('POST /api/syllabi/:id/copy', async ({ event, db, studio }) => {
  const made = await copySyllabus(db, studio, slugParam(event), await readChecked(event, bodies.syllabusCopy))
  setResponseStatus(event, 201)
  return made
})
