import { getExam } from '../../db'
import { idParam, notFound, route } from '../../http'

export default route('GET /api/exams/:id', async ({ event, db, studio }) => {
  const exam = await getExam(db, studio, idParam(event, 'exam'))
  if (!exam) throw notFound('exam')
  return exam
})
