import { homeFiles } from '../../built'
import { defineEventHandler, getRouterParam, setResponseHeader, setResponseStatus } from 'h3'
import { homeOf, homeRequest } from '../../home'
import { answered, languageOf } from '../../http'
import { ready } from '../../start/ready'
import { cachedAnswer } from '../../work'

/** A region's own way of a language: its note values and dates. */
const REGIONAL = { british: 'en-GB', american: 'en-US' } as const

/** A pupil's own page, by its secret address. */
export default defineEventHandler((event) =>
  answered(event, async () => {
    await ready()
    // it is the pupil's alone: no proxy keeps it, and it is drawn anew each time
    setResponseHeader(event, 'cache-control', 'private, no-store')
    setResponseHeader(event, 'content-type', 'text/html; charset=utf-8')
    const token = getRouterParam(event, 'token') ?? ''
    const asker = await homeOf(event, token)
    const found = asker && (await homeRequest(asker, { path: `/p/${token}`, files: homeFiles() }))
    if (!found) {
      setResponseStatus(event, 404)
      return cachedAnswer('homeGone', { files: homeFiles(), language: languageOf(event) })
    }
    const { request, region } = found
    const asked = languageOf(event)
    const isRegional = Object.values<string>(REGIONAL).includes(asked) || asked === 'en'
    const language = region && isRegional ? REGIONAL[region] : asked
    return cachedAnswer('home', { request, language })
  }),
)
