import { idParam, route } from '../../../http'
import { practiceOf } from '../../../practice'

export default route(({ event, db, studio }) => practiceOf(db, studio, idParam(event, 'set')))
