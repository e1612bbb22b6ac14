import { deleteExam } from '../../db'
import { idParam, notFound, route } from '../../http'

export default route(async ({ event, db, studio }) => {
  if (!(await deleteExam(db, studio, idParam(event, 'exam')))) throw notFound('exam')
  return { ok: true }
})
