import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { moveStudies } from '../../shelves'

export default route('PUT /api/studies/shelf', async ({ event, db, studio }) => {
  const { ids, shelf } = await readChecked(event, bodies.shelf)
  await moveStudies(db, studio, ids, shelf)
  return { ok: true }
})
