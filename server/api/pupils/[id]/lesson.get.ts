import { getQuery } from 'h3'
import { idParam, idQuery, route } from '../../../http'
import { lessonOf } from '../../../lessons'

/** What a pupil's lesson today is worked out from. */
export default route('GET /api/pupils/:id/lesson', ({ event, db, studio, words }) =>
  lessonOf(db, studio, idParam(event, 'pupil'), { set: idQuery(getQuery(event).set, 'set') ?? undefined, words }),
)
