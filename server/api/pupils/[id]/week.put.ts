import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { saveWeek } from '../../../lessons'
import { completed } from '../../../studies'

/** What is set for a pupil from this lesson to the next. */
export default route('PUT /api/pupils/:id/week', async ({ event, db, studio }) => {
  const { lines, ...week } = await readChecked(event, bodies.week)
  const whole = lines.map((line: { study: Parameters<typeof completed>[0] }, at: number) => ({
    ...line,
    study: completed(line.study, `lines[${at}].study`),
  }))
  return saveWeek(db, studio, idParam(event, 'pupil'), { ...week, lines: whole })
})
