import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { saveAim } from '../../../practice'

export default route('PUT /api/sets/:id/aim', async ({ event, db, studio }) =>
  saveAim(db, studio, idParam(event, 'set'), await readChecked(event, bodies.aim)),
)
