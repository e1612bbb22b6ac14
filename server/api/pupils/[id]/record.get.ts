import { idParam, route } from '../../../http'
import { packed } from '#shared/preparation'
import { recordOf } from '../../../record'

export default route('GET /api/pupils/:id/record', async ({ event, db, studio }) =>
  packed(await recordOf(db, studio, idParam(event, 'pupil'))),
)
