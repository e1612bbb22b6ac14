import { inTransaction, throwAway } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route(async ({ event, db, studio }) => {
  const id = idParam(event, 'set')
  if (!(await inTransaction(db, (client) => throwAway(client, studio, 'set', id)))) throw notFound('set')
  return { ok: true }
})
