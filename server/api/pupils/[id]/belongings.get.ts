import { belongings, getPupil } from '../../../db'
import { idParam, notFound, route } from '../../../http'

/** What would go with a pupil who is thrown away. */
export default route('GET /api/pupils/:id/belongings', async ({ event, db, studio }) => {
  const id = idParam(event, 'pupil')
  if (!(await getPupil(db, studio, id))) throw notFound('pupil')
  return belongings(db, studio, id)
})
