import { setHeader } from 'h3'
import { bodies } from '#shared/schemas'
import { languageOf, originOf, readChecked, route } from '../http'
import { paperFor } from '../paper'

const MEDIA = { pdf: 'application/pdf', zip: 'application/zip' } as const

/** Paper as pages to be looked at, as a PDF file, or as an archive of files, one for each set. */
export default route('POST /api/paper', async ({ event, db, studio }) => {
  const reader = { language: languageOf(event), origin: originOf(event) }
  const answer = await paperFor(db, studio, await readChecked(event, bodies.paper), reader)
  if (answer.as === 'pages') return answer.made
  setHeader(event, 'content-type', MEDIA[answer.as])
  setHeader(event, 'content-disposition', `attachment; filename="paper.${answer.as}"`)
  return Buffer.from(answer.file)
})
