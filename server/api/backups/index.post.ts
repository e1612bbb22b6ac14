import { setResponseStatus } from 'h3'
import { backUpNow } from '../../backups'
import { route } from '../../http'

/** Makes a copy now. */
export default route(
  'POST /api/backups',
  async ({ event }) => {
    const state = await backUpNow()
    setResponseStatus(event, 201)
    return state
  },
  'machine',
)
