import { bodies } from '#shared/schemas'
import { preferPupil } from '../../../db'
import { idParam, notFound, readChecked, route } from '../../../http'

export default route('PUT /api/pupils/:id/preferences', async ({ event, db, studio }) => {
  const some = await readChecked(event, bodies.preferences)
  if (!(await preferPupil(db, studio, idParam(event, 'pupil'), some))) throw notFound('pupil')
  return { ok: true }
})
