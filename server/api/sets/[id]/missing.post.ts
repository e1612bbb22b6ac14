import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { addMissing } from '../../../sets'

export default route(async ({ event, studio }) => {
  const id = idParam(event, 'set')
  return addMissing(studio, id, await readChecked(event, bodies.missing))
})
