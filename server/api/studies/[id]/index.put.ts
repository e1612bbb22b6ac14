import { bodies } from '#shared/schemas'
import { getStudy, updateStudy } from '../../../db'
import { idParam, notFound, readChecked, route, stale } from '../../../http'
import { contentOf } from '../../../studies'

export default route(async ({ event, db, studio }) => {
  const id = idParam(event, 'study')
  const { recipe, accepted, version } = await readChecked(event, bodies.study)
  const saved = await updateStudy(db, studio, id, version, contentOf(recipe, accepted))
  if (saved) return saved
  const current = await getStudy(db, studio, id)
  throw current ? stale('study', current) : notFound('study')
})
