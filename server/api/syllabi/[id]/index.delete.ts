import { route, slugParam } from '../../../http'
import { removeSyllabus } from '../../../syllabi'

export default route(async ({ event, studio }) => {
  await removeSyllabus(studio, slugParam(event))
  return { ok: true }
})
