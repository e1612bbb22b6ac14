import { bodies } from '#shared/schemas'
import { renamePupil } from '../../../db'
import { idParam, notFound, readChecked, route } from '../../../http'

/** A pupil's name, and a note beside it. */
export default route('PUT /api/pupils/:id', async ({ event, db, studio }) => {
  const changes = await readChecked(event, bodies.pupil)
  if (!(await renamePupil(db, studio, idParam(event, 'pupil'), changes))) throw notFound('pupil')
  return { ok: true }
})
