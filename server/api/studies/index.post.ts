import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { insertStudy } from '../../db'
import { readChecked, route } from '../../http'
import { contentOf } from '../../studies'

export default route(async ({ event, db, studio }) => {
  const { recipe, id } = await readChecked(event, bodies.newStudy)
  const study = await insertStudy(db, studio, contentOf(recipe), id)
  setResponseStatus(event, 201)
  return study
})
