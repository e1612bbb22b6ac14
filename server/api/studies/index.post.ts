import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { insertStudy } from '../../db'
import { readChecked, route } from '../../http'
import { contentIn } from '../../work'

export default route('POST /api/studies', async ({ event, db, studio }) => {
  const { recipe, id } = await readChecked(event, bodies.newStudy)
  const study = await insertStudy(db, studio, await contentIn(recipe), id)
  setResponseStatus(event, 201)
  return study
})
