import { setResponseStatus } from 'h3'
import { syllabusOf } from '#shared/schemas'
import { insertSyllabus } from '../../db'
import { readJson, Refusal, route } from '../../http'

export default route(async ({ event, db, studio }) => {
  const syllabus = syllabusOf(await readJson(event))
  if (!(await insertSyllabus(db, studio, syllabus))) {
    throw new Refusal(409, {
      code: 'syllabus.exists',
      message: `A syllabus “${syllabus.id}” is on file already. Give this one another id.`,
      path: 'id',
    })
  }
  setResponseStatus(event, 201)
  return { id: syllabus.id }
})
