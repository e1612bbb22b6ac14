import { deleteStudy, setsHolding } from '../../../db'
import { idParam, notFound, route } from '../../../http'
import { inSets } from '../../../shelves'

export default route(async ({ event, db, studio }) => {
  const id = idParam(event, 'study')
  const sets = await setsHolding(db, studio, [id])
  if (sets.length > 0) throw inSets(sets, 'id')
  if (!(await deleteStudy(db, studio, id))) throw notFound('study')
  return { ok: true }
})
