import { route, slugParam } from '../../../http'
import { documentOf } from '../../../syllabi'

export default route(({ event, db, studio }) => documentOf(db, studio, slugParam(event)))
