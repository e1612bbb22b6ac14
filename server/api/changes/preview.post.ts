import { bodies } from '#shared/schemas'
import { previewChange } from '../../changes'
import { readChecked, route } from '../../http'

/** What a change would make of some studies; nothing is stored. */
export default route('POST /api/changes/preview', async ({ event, db, studio }) => {
  const { ids, some } = await readChecked(event, bodies.changePreview)
  return previewChange(db, studio, ids, some)
})
