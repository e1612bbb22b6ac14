import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { mendAtom } from '../../../mending'

export default route('POST /api/sets/:id/mend', async ({ event, db, studio }) => {
  const { atom, version } = await readChecked(event, bodies.mend)
  return mendAtom(db, studio, idParam(event, 'set'), atom, version)
})
