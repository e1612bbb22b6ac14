import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { getSet, getPupil, insertSet } from '../../db'
import { readChecked, route } from '../../http'
import { refuse } from '../../messages'

export default route(async ({ event, db, studio }) => {
  const { pupilId, title } = await readChecked(event, bodies.newSet)
  if (!(await getPupil(db, studio, pupilId))) {
    throw refuse('pupil.unknown', {}, 'pupilId')
  }
  const id = await insertSet(db, studio, pupilId, title)
  setResponseStatus(event, 201)
  return getSet(db, studio, id)
})
