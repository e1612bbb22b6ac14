import { getQuery } from 'h3'
import { idParam, route, textQuery } from '../../../http'
import { reportOf } from '../../../sets'

export default route(async ({ event, studio }) => {
  const { syllabus, grade } = getQuery(event)
  return reportOf(studio, idParam(event, 'set'), textQuery(syllabus), textQuery(grade))
})
