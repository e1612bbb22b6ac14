import { bodies } from '#shared/schemas'
import { getPupil, renamePupil } from '../../../db'
import { idParam, notFound, readChecked, route, stale } from '../../../http'

/** A pupil's name, and a note beside it, over the version that was seen. */
export default route('PUT /api/pupils/:id', async ({ event, db, studio }) => {
  const id = idParam(event, 'pupil')
  const changes = await readChecked(event, bodies.pupil)
  if (await renamePupil(db, studio, id, changes)) return { ok: true }
  const current = await getPupil(db, studio, id)
  throw current ? stale('pupil', current) : notFound('pupil')
})
