import { bodies } from '#shared/schemas'
import { getStudy, updateStudy } from '../../../db'
import { idParam, notFound, readChecked, route, stale } from '../../../http'
import { contentIn } from '../../../work'

export default route('PUT /api/studies/:id', async ({ event, db, studio }) => {
  const id = idParam(event, 'study')
  const { recipe, accepted, version } = await readChecked(event, bodies.study)
  const saved = await updateStudy(db, studio, id, version, await contentIn(recipe, accepted))
  if (saved) return saved
  const current = await getStudy(db, studio, id)
  throw current ? stale('study', current) : notFound('study')
})
