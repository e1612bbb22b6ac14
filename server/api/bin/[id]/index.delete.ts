import { dropThrownAway } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route(async ({ event, db, studio }) => {
  if (!(await dropThrownAway(db, studio, idParam(event, 'thing')))) throw notFound('thing')
  return {}
})
