import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { insertStudy, insertStudyAs } from '../../db'
import { readChecked, route } from '../../http'
import { refuse } from '../../messages'
import { contentIn } from '../../work'

export default route('POST /api/studies', async ({ event, db, studio }) => {
  const { recipe, id } = await readChecked(event, bodies.newStudy)
  const content = await contentIn(recipe)
  const study = id ? await insertStudyAs(db, studio, content, id) : await insertStudy(db, studio, content)
  if (!study) throw refuse('id.taken', {}, 'id')
  setResponseStatus(event, 201)
  return study
})
