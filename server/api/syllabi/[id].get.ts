import { getRouterParam } from 'h3'
import { getSyllabus } from '../../db'
import { notFound, route } from '../../http'

export default route(async ({ event, db, studio }) => {
  const syllabus = await getSyllabus(db, studio, (getRouterParam(event, 'id') ?? '').slice(0, 60))
  if (!syllabus) throw notFound('syllabus')
  return syllabus
})
