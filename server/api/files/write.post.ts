import { setHeader } from 'h3'
import { formatOf } from '#core/formats'
import { bodies, type FileRequest } from '#shared/schemas'
import { studiesNamed } from '../../db'
import { type Context, languageOf, readChecked, route } from '../../http'
import { refuse } from '../../messages'
import { thread, weighed } from '../../work'

async function fileOf({ event, db, studio }: Context, request: FileRequest): Promise<string | Uint8Array> {
  const { ids, studies: sent, ...rest } = request
  const studies = ids.length > 0 ? await studiesNamed(db, studio, ids) : sent
  if (studies.length === 0) throw refuse('file.empty', {}, 'studies')
  await weighed(
    studies.map(({ recipe }) => recipe),
    'studies',
  )
  const own = studies.map(({ recipe, accepted }) => ({ recipe, ...(accepted && { accepted }) }))
  return thread('write', { request: { ...rest, studies: own }, language: languageOf(event) })
}

export default route('POST /api/files/write', async (context) => {
  const { event } = context
  const request = await readChecked(event, bodies.file)
  const file = await fileOf(context, request)
  const { mediaType, extensions } = formatOf(request.format)
  setHeader(event, 'content-type', mediaType)
  setHeader(event, 'content-disposition', `attachment; filename="studies.${extensions[0]}"`)
  return typeof file === 'string' ? file : Buffer.from(file)
})
