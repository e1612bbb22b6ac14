import { takeBack } from '../../../bin'
import { idParam, route } from '../../../http'

export default route(({ event, db, studio }) => takeBack(db, studio, idParam(event, 'thing')))
