import { getStudio } from '../db'
import { route } from '../http'

export default route(({ db, studio }) => getStudio(db, studio))
