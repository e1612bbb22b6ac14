import { getQuery } from 'h3'
import { route, slugQuery, slugParam } from '../../../http'
import { differenceOf } from '../../../syllabi'

export default route('GET /api/syllabi/:id/difference', ({ event, db, studio }) => {
  const id = slugParam(event)
  const { before, version } = getQuery(event)
  const past = /^\d{1,6}$/.test(String(version)) ? Number(version) : null
  return differenceOf(db, studio, id, slugQuery(before) ?? id, past)
})
