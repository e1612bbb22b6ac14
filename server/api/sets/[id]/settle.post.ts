import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { settleSet } from '../../../sets'

export default route(async ({ event, studio }) => {
  const { version } = await readChecked(event, bodies.upToDate)
  return settleSet(studio, idParam(event, 'set'), version)
})
