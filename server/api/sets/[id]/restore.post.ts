import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { restoreSet } from '../../../mending'

export default route('POST /api/sets/:id/restore', async ({ event, db, studio }) => {
  const { version, ...undo } = await readChecked(event, bodies.restore)
  return restoreSet(db, studio, idParam(event, 'set'), undo, version)
})
