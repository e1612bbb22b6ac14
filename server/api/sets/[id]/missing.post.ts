import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { addMissing } from '../../../sets'

export default route('POST /api/sets/:id/missing', async ({ event, db, studio }) => {
  const id = idParam(event, 'set')
  return addMissing(db, studio, id, await readChecked(event, bodies.missing))
})
