import { bodies } from '#shared/schemas'
import { tagStudies } from '../../db'
import { readChecked, route } from '../../http'

export default route(async ({ event, db, studio }) => {
  const { ids, add, remove } = await readChecked(event, bodies.tags)
  await tagStudies(db, studio, ids, add, remove)
  return { ok: true }
})
