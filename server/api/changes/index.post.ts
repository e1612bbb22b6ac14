import { bodies } from '#shared/schemas'
import { changeMany } from '../../changes'
import { readChecked, route } from '../../http'

/** Changes several studies at once, all or none. */
export default route('POST /api/changes', async ({ event, db, studio }) => {
  const { studies, some } = await readChecked(event, bodies.change)
  return changeMany(db, studio, studies, some)
})
