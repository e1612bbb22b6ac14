import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { moveStudies } from '../../shelves'

export default route(async ({ event, studio }) => {
  const { ids, shelf } = await readChecked(event, bodies.shelf)
  await moveStudies(studio, ids, shelf)
  return { ok: true }
})
