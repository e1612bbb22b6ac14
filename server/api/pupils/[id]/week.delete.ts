import { dateQuery, idParam, notFound, versionQuery, route } from '../../../http'
import { dropWeek } from '../../../lessons'

/** Takes a week back, so that it is proposed again. */
export default route('DELETE /api/pupils/:id/week', async ({ event, db, studio }) => {
  const [from, version] = [dateQuery(event, 'from'), versionQuery(event)]
  if (from === undefined || version === undefined) throw notFound('week')
  await dropWeek(db, studio, idParam(event, 'pupil'), { from, version })
  return { ok: true }
})
