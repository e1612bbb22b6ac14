import { setResponseStatus } from 'h3'
import { syllabusOf } from '#shared/schemas'
import { readJson, route } from '../../http'
import { storeSyllabus } from '../../syllabi'

export default route('POST /api/syllabi', async ({ event, db, studio }) => {
  const stored = await storeSyllabus(db, studio, syllabusOf(await readJson(event)))
  setResponseStatus(event, 201)
  return stored
})
