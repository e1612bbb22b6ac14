import { route, slugParam } from '../../../http'
import { removeSyllabus } from '../../../syllabi'

export default route('DELETE /api/syllabi/:id', async ({ event, db, studio }) => {
  await removeSyllabus(db, studio, slugParam(event))
  return { ok: true }
})
