import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { saveLesson } from '../../../lessons'

/** What became of a lesson: given, missed, moved, or one more. */
export default route('PUT /api/pupils/:id/lesson', async ({ event, db, studio }) =>
  saveLesson(db, studio, idParam(event, 'pupil'), await readChecked(event, bodies.lesson)),
)
