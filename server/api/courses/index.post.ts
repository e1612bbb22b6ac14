import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { ownCourse } from '../../courses'
import { readChecked, route } from '../../http'

/** The studio's own course for an instrument, to be changed. */
export default route('POST /api/courses', async ({ event, db, studio, words }) => {
  const { list } = await readChecked(event, bodies.course)
  const id = await ownCourse(db, studio, list, words)
  setResponseStatus(event, 201)
  return { id }
})
