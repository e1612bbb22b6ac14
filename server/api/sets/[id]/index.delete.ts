import { deleteSet } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route(async ({ event, db, studio }) => {
  if (!(await deleteSet(db, studio, idParam(event, 'set')))) throw notFound('set')
  return { ok: true }
})
