import { inTransaction, moveToTrash } from '../../db'
import { idParam, notFound, route } from '../../http'

export default route('DELETE /api/exams/:id', async ({ event, db, studio }) => {
  const id = idParam(event, 'exam')
  const bin = await inTransaction(db, (client) => moveToTrash(client, studio, 'exam', id))
  if (!bin) throw notFound('exam')
  return { bin }
})
