import { getSet } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route('GET /api/sets/:id', async ({ event, db, studio }) => {
  const set = await getSet(db, studio, idParam(event, 'set'))
  if (!set) throw notFound('set')
  return set
})
