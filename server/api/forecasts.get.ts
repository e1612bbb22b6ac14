import { forecastsKept } from '../forecasts'
import { route } from '../http'

export default route('GET /api/forecasts', ({ db, studio }) => forecastsKept(db, studio))
