import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { keepExam } from '../../exams'
import { readChecked, route } from '../../http'

export default route('POST /api/exams', async ({ event, db, studio }) => {
  const exam = await keepExam(db, studio, await readChecked(event, bodies.exam))
  setResponseStatus(event, 201)
  return exam
})
