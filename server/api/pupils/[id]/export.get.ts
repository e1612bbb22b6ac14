import { setHeader } from 'h3'
import { idParam, route } from '../../../http'
import { recordOf } from '../../../record'
import { recordCsv } from '../../../recordCsv'

export default route('GET /api/pupils/:id/export', async ({ event, words, db, studio }) => {
  const csv = recordCsv(await recordOf(db, studio, idParam(event, 'pupil')), words)
  setHeader(event, 'content-type', 'text/csv; charset=utf-8')
  setHeader(event, 'content-disposition', 'attachment; filename="record.csv"')
  return csv
})
