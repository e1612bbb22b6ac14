import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { settleSet } from '../../../sets'

export default route('POST /api/sets/:id/settle', async ({ event, db, studio }) => {
  const { version } = await readChecked(event, bodies.upToDate)
  return settleSet(db, studio, idParam(event, 'set'), version)
})
