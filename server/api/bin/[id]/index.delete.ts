import { dropTrashed } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route('DELETE /api/bin/:id', async ({ event, db, studio }) => {
  if (!(await dropTrashed(db, studio, idParam(event, 'thing')))) throw notFound('thing')
  return {}
})
