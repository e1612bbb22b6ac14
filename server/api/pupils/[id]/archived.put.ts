import { bodies } from '#shared/schemas'
import { archivePupil } from '../../../db'
import { idParam, notFound, readChecked, route } from '../../../http'
import { refuseShared } from '../../../people'

/** Puts a pupil out of the way, or among the others again. */
export default route('PUT /api/pupils/:id/archived', async ({ event, db, studio, asker }) => {
  const { archived } = await readChecked(event, bodies.archived)
  const id = idParam(event, 'pupil')
  await refuseShared(db, asker, studio, id)
  if (!(await archivePupil(db, studio, id, archived))) throw notFound('pupil')
  return { ok: true }
})
