import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { getPupil, insertSet } from '../../db'
import { readChecked, route } from '../../http'
import { refuse } from '../../messages'
import { setFor } from '../../sets'

export default route('POST /api/sets', async ({ event, db, studio }) => {
  const { pupilId, title } = await readChecked(event, bodies.newSet)
  if (!(await getPupil(db, studio, pupilId))) {
    throw refuse('pupil.unknown', {}, 'pupilId')
  }
  const id = await insertSet(db, studio, pupilId, title)
  setResponseStatus(event, 201)
  return setFor(db, studio, id)
})
