import { route, slugParam } from '../../../http'
import { documentOf } from '../../../syllabi'

export default route('GET /api/syllabi/:id', ({ event, db, studio }) => documentOf(db, studio, slugParam(event)))
