import { bodies } from '#shared/schemas'
import { archivePupil } from '../../../db'
import { idParam, notFound, readChecked, route } from '../../../http'

/** Puts a pupil out of the way, or among the others again. */
export default route('PUT /api/pupils/:id/archived', async ({ event, db, studio }) => {
  const { archived } = await readChecked(event, bodies.archived)
  if (!(await archivePupil(db, studio, idParam(event, 'pupil'), archived))) throw notFound('pupil')
  return { ok: true }
})
