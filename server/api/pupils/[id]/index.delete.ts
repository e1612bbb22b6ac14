import { inTransaction, moveToTrash } from '../../../db'
import { idParam, notFound, route } from '../../../http'
import { refuseShared } from '../../../people'

/** Throws a pupil away, with sets, mock exams and record; all of it can be put back. */
export default route('DELETE /api/pupils/:id', async ({ event, db, studio, asker }) => {
  const id = idParam(event, 'pupil')
  await refuseShared(db, asker, studio, id)
  const bin = await inTransaction(db, (client) => moveToTrash(client, studio, 'pupil', id))
  if (!bin) throw notFound('pupil')
  return { bin }
})
