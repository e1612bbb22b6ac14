import { numberParam, route } from '../../../http'
import { switchStudio } from '../../../studios'

/** Opens a studio: pages show it from now on. */
export default route(
  'POST /api/studios/:id/open',
  ({ event, db }) => switchStudio(db, numberParam(event, 'studio')),
  'machine',
)
