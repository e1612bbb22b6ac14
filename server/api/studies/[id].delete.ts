import { deleteStudy, setsHolding } from '../../db'
import { idParam, notFound, Refusal, route } from '../../http'

export default route(async ({ event, db, studio }) => {
  const id = idParam(event, 'study')
  const sets = await setsHolding(db, studio, id)
  if (sets.length > 0) {
    throw new Refusal(409, {
      code: 'study.in-set',
      message: `This study is in ${sets.map((title) => `“${title}”`).join(', ')}. Take it out there first.`,
      path: 'id',
    })
  }
  if (!(await deleteStudy(db, studio, id))) throw notFound('study')
  return { ok: true }
})
