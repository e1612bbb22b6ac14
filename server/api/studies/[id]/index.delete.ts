import { deleteBinned, getStudy, setsHolding } from '../../../db'
import { idParam, notFound, HttpError, route } from '../../../http'
import { refuse } from '../../../messages'
import { inSets } from '../../../shelves'

export default route('DELETE /api/studies/:id', async ({ event, db, studio }) => {
  const id = idParam(event, 'study')
  if (await deleteBinned(db, studio, id)) return { ok: true }
  const sets = await setsHolding(db, studio, [id])
  if (sets.length > 0) throw inSets(sets, 'id')
  if (!(await getStudy(db, studio, id))) throw notFound('study')
  throw new HttpError(409, refuse('study.not-binned', {}, 'id').toData())
})
