import { route } from '../http'
import { allProgress } from '../practice'

export default route(({ db, studio }) => allProgress(db, studio))
