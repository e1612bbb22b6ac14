import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { holdPupil, insertSet, inTransaction } from '../../db'
import { readChecked, route } from '../../http'
import { refuse } from '../../messages'
import { setFor } from '../../sets'

export default route('POST /api/sets', async ({ event, db, studio }) => {
  const { pupilId, title } = await readChecked(event, bodies.newSet)
  const set = await inTransaction(db, async (client) => {
    if (!(await holdPupil(client, studio, pupilId))) throw refuse('pupil.unknown', {}, 'pupilId')
    return setFor(client, studio, await insertSet(client, studio, pupilId, title))
  })
  setResponseStatus(event, 201)
  return set
})
