import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { insertPupil } from '../../db'
import { readChecked, route } from '../../http'

export default route('POST /api/pupils', async ({ event, db, studio }) => {
  const id = await insertPupil(db, studio, await readChecked(event, bodies.newPupil))
  setResponseStatus(event, 201)
  return { id }
})
