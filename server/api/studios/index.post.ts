import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { startStudio } from '../../studios'

/** Makes an empty studio and opens it. */
export default route(
  'POST /api/studios',
  async ({ event, db }) => {
    const studio = await startStudio(db, await readChecked(event, bodies.studio))
    setResponseStatus(event, 201)
    return studio
  },
  'machine',
)
