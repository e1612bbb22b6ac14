import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { newPupil } from '../../pupils'

export default route('POST /api/pupils', async ({ event, db, studio }) => {
  const id = await newPupil(db, studio, await readChecked(event, bodies.newPupil))
  setResponseStatus(event, 201)
  return { id }
})
