import { bodies } from '#shared/schemas'
import { getStudio, nameStudio } from '../db'
import { readChecked, route } from '../http'

/** What the studio is called, and whose it is. */
export default route(
  'PUT /api/studio',
  async ({ event, db, studio }) => {
    await nameStudio(db, studio, await readChecked(event, bodies.studio))
    return getStudio(db, studio)
  },
  'office',
)
