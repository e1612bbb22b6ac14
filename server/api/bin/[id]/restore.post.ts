import { restore } from '../../../bin'
import { idParam, route } from '../../../http'

export default route(({ event, db, studio }) => restore(db, studio, idParam(event, 'thing')))
