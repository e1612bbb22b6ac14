import { getQuery } from 'h3'
import { readBytes, route, tellingProgress, textQuery } from '../../http'
import { thread } from '../../work'

export default route('POST /api/syllabi/preview', async ({ event }) => {
  const query = getQuery(event)
  const usual = Object.fromEntries(
    (['title', 'board', 'instrument'] as const).flatMap((name) => {
      const value = textQuery(query[name], name)
      return value ? [[name, value.slice(0, 120)]] : []
    }),
  )
  const bytes = await readBytes(event)
  return tellingProgress(event, (soFar) => thread('preview', { bytes, usual }, soFar))
})
