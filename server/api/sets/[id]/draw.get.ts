import { getQuery } from 'h3'
import { drawFor } from '../../../exams'
import { idParam, route } from '../../../http'
import { setFor } from '../../../sets'

export default route('GET /api/sets/:id/draw', async ({ event, db, studio }) => {
  const set = await setFor(db, studio, idParam(event, 'set'))
  const seed = Math.abs(Math.trunc(Number(getQuery(event).seed))) || 0
  const { items, marking, syllabus, grade } = await drawFor(db, studio, set, Math.min(seed, 4294967295))
  return { items, marking, syllabus: syllabus.title, grade: grade.title }
})
