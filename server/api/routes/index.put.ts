import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { saveRoute } from '../../practice'

export default route('PUT /api/routes', async ({ event, db, studio }) =>
  saveRoute(db, studio, await readChecked(event, bodies.route)),
)
