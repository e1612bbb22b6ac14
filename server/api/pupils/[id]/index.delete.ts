import { inTransaction, moveToTrash } from '../../../db'
import { idParam, notFound, route } from '../../../http'

/** Throws a pupil away, with sets, mock exams and record; all of it can be put back. */
export default route('DELETE /api/pupils/:id', async ({ event, db, studio }) => {
  const id = idParam(event, 'pupil')
  const bin = await inTransaction(db, (client) => moveToTrash(client, studio, 'pupil', id))
  if (!bin) throw notFound('pupil')
  return { bin }
})
