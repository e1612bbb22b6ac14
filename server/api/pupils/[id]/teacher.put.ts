import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { handPupilOver, signedIn } from '../../../people'

/** A pupil goes to another teacher. */
export default route('PUT /api/pupils/:id/teacher', async ({ event, db, asker }) => {
  const { teacherId } = await readChecked(event, bodies.handOver)
  await handPupilOver(db, signedIn(asker), idParam(event, 'pupil'), teacherId)
  return { ok: true }
})
