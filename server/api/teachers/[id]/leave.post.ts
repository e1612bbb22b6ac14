import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { teacherLeaves } from '../../../people'

/** Somebody leaves; the pupils go to another. */
export default route(
  'POST /api/teachers/:id/leave',
  async ({ event, db, studio }) => {
    const { teacherId } = await readChecked(event, bodies.handOver)
    return teacherLeaves(db, studio, idParam(event, 'teacher'), teacherId)
  },
  'office',
)
