import { getStudy } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route('GET /api/studies/:id', async ({ event, db, studio }) => {
  const study = await getStudy(db, studio, idParam(event, 'study'))
  if (!study) throw notFound('study')
  return study
})
