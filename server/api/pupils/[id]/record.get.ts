import { idParam, route } from '../../../http'
import { packed, recordOf } from '../../../record'

export default route(async ({ event, db, studio }) => packed(await recordOf(db, studio, idParam(event, 'pupil'))))
