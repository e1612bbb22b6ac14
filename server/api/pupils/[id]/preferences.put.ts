import { bodies } from '#shared/schemas'
import { inTransaction } from '../../../db'
import { idParam, readChecked, route } from '../../../http'
import { rememberPreferences } from '../../../preferences'

export default route('PUT /api/pupils/:id/preferences', async ({ event, db, studio }) => {
  const some = await readChecked(event, bodies.preferences)
  const id = idParam(event, 'pupil')
  await inTransaction(db, (client) => rememberPreferences(client, studio, id, some))
  return { ok: true }
})
