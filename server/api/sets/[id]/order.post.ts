import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { orderSet } from '../../../sets'

export default route(async ({ event, studio }) => {
  const { by, version } = await readChecked(event, bodies.order)
  return orderSet(studio, idParam(event, 'set'), by, version)
})
