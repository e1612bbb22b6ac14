import { getQuery } from 'h3'
import { idParam, route } from '../../../http'
import { reportOf } from '../../../sets'

const text = (value: unknown): string | undefined => (typeof value === 'string' && value ? value : undefined)

export default route(async ({ event, db, studio }) => {
  const { syllabus, grade } = getQuery(event)
  return reportOf(db, studio, idParam(event, 'set'), text(syllabus), text(grade))
})
