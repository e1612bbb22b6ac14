import { matchesIn } from '#core/syllabus'
import { bodies } from '#shared/schemas'
import { examSyllabi } from '../db'
import { readChecked, route } from '../http'

export default route('POST /api/syllabus-matches', async ({ event, db, studio }) => {
  const { recipe } = await readChecked(event, bodies.matches)
  const syllabi = await examSyllabi(db, studio)
  return matchesIn(
    syllabi.map(({ document }) => document),
    recipe,
  )
})
