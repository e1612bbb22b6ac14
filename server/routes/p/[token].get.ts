import { homeFiles } from '../../built'
import { defineEventHandler, getRouterParam, setResponseHeader, setResponseStatus } from 'h3'
import { homeOf, homeRequest } from '../../home'
import { answered, languageOf } from '../../http'
import { ready } from '../../start/ready'
import { gonePage, homePage, type LinePlayed } from '#shared/home'
import { wordingFor } from '#shared/languages'
import { cachedAnswer } from '../../work'

/** A region's own way of a language: its note values and dates. */
const REGIONAL = { british: 'en-GB', american: 'en-US' } as const

/** What of a line is drawn: pupils who are set the same are shown the same. */
const playedOf = ({ study, hands, octaves, stage, test, where }: LinePlayed): { line: LinePlayed } => ({
  line: { study, hands, octaves, stage, test, where },
})

/** A pupil's own page, by its secret address. */
export default defineEventHandler((event) =>
  answered(event, async () => {
    await ready()
    // it is the pupil's alone: no proxy keeps it, and it is drawn anew each time
    setResponseHeader(event, 'cache-control', 'private, no-store')
    const token = getRouterParam(event, 'token') ?? ''
    const asker = await homeOf(event, token)
    const found = asker && (await homeRequest(asker, { path: `/p/${token}`, files: homeFiles() }))
    // what is refused on the way is said as everywhere
    setResponseHeader(event, 'content-type', 'text/html; charset=utf-8')
    if (!found) {
      setResponseStatus(event, 404)
      return gonePage(wordingFor(languageOf(event)), homeFiles())
    }
    const { request, region } = found
    const asked = languageOf(event)
    const isRegional = Object.values<string>(REGIONAL).includes(asked) || asked === 'en'
    const language = region && isRegional ? REGIONAL[region] : asked
    const drawn = await Promise.all((request.week?.lines ?? []).map((line) => cachedAnswer('homeLine', playedOf(line))))
    return homePage(request, drawn, wordingFor(language))
  }),
)
