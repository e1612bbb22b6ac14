import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { restoreSet } from '../../../mending'

export default route(async ({ event, studio }) => {
  const { version, ...undo } = await readChecked(event, bodies.restore)
  return restoreSet(studio, idParam(event, 'set'), undo, version)
})
