import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { addMarks } from '../../home'
import { asPupil } from '../../people'

/** What a pupil did at home. */
export default route(
  'POST /api/home/marks',
  async ({ event, asker }) => addMarks(asPupil(asker), (await readChecked(event, bodies.marks)).marks),
  'pupil',
)
