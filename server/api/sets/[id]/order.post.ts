import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { orderSet } from '../../../sets'

export default route('POST /api/sets/:id/order', async ({ event, db, studio }) => {
  const { by, version } = await readChecked(event, bodies.order)
  return orderSet(db, studio, idParam(event, 'set'), by, version)
})
