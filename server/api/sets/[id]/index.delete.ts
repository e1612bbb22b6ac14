import { inTransaction, moveToTrash } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route('DELETE /api/sets/:id', async ({ event, db, studio }) => {
  const id = idParam(event, 'set')
  const bin = await inTransaction(db, (client) => moveToTrash(client, studio, 'set', id))
  if (!bin) throw notFound('set')
  return { bin }
})
