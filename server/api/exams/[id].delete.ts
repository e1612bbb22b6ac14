import { inTransaction, throwAway } from '../../db'
import { idParam, notFound, route } from '../../http'

export default route(async ({ event, db, studio }) => {
  const id = idParam(event, 'exam')
  if (!(await inTransaction(db, (client) => throwAway(client, studio, 'exam', id)))) throw notFound('exam')
  return { ok: true }
})
