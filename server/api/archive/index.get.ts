import { getQuery, setHeader } from 'h3'
import { fileName } from '#shared/fileName'
import { exportArchive } from '../../archives'
import { idQuery, languageOf, route } from '../../http'

/** A studio, or one pupil of it, as a ZIP of open files. */
export default route('GET /api/archive', async ({ event, db, studio }) => {
  const pupil = idQuery(getQuery(event).pupil, 'pupil')
  const { file, name } = await exportArchive(db, studio, pupil, languageOf(event))
  setHeader(event, 'content-type', 'application/zip')
  setHeader(event, 'content-disposition', `attachment; filename="${fileName(name)}.zip"`)
  return Buffer.from(file)
})
