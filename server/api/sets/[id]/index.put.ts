import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { saveSet } from '../../../sets'

export default route('PUT /api/sets/:id', async ({ event, db, studio }) => {
  const id = idParam(event, 'set')
  const { version, ...content } = await readChecked(event, bodies.set)
  return saveSet(db, studio, id, version, content)
})
