import { setHeader } from 'h3'
import { formatOf } from '#core/formats'
import { bodies } from '#shared/schemas'
import { studiesNamed } from '../../db'
import { readChecked, route } from '../../http'
import { refuse } from '../../messages'
import { thread, weighed } from '../../work'

const PDF = { mediaType: 'application/pdf', extensions: ['pdf'] }

export default route(async ({ event, db, studio }) => {
  const { ids, studies: sent, ...asked } = await readChecked(event, bodies.file)
  const studies = ids.length > 0 ? await studiesNamed(db, studio, ids) : sent
  if (studies.length === 0) throw refuse('file.empty', {}, 'studies')
  weighed(
    studies.map(({ recipe }) => recipe),
    'studies',
  )
  const file = await thread('write', {
    ...asked,
    studies: studies.map(({ recipe, accepted }) => ({ recipe, ...(accepted && { accepted }) })),
  })
  const { mediaType, extensions } = asked.format === 'pdf' ? PDF : formatOf(asked.format)
  setHeader(event, 'content-type', mediaType)
  setHeader(event, 'content-disposition', `attachment; filename="studies.${extensions[0]}"`)
  return typeof file === 'string' ? file : Buffer.from(file)
})
