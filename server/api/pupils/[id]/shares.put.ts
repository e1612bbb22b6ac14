import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { sharePupil, signedIn } from '../../../people'

/** Says who else sees a pupil. */
export default route('PUT /api/pupils/:id/shares', async ({ event, db, asker }) => {
  const { shares } = await readChecked(event, bodies.shares)
  await sharePupil(db, signedIn(asker), idParam(event, 'pupil'), shares)
  return { ok: true }
})
