import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { storeStudies } from '../../shelves'

export default route('POST /api/studies/batch', async ({ event, db, studio }) => {
  const { recipes } = await readChecked(event, bodies.newStudies)
  const studies = await storeStudies(db, studio, recipes)
  setResponseStatus(event, 201)
  return { studies }
})
