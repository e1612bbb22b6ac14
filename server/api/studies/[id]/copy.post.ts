import { setResponseStatus } from 'h3'
import { copyStudy } from '../../../db'
import { idParam, notFound, route } from '../../../http'

export default route('POST /api/studies/:id/copy', async ({ event, db, studio }) => {
  const copy = await copyStudy(db, studio, idParam(event, 'study'))
  if (!copy) throw notFound('study')
  setResponseStatus(event, 201)
  return copy
})
