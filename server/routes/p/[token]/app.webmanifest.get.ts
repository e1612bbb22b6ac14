import { defineEventHandler, getRouterParam, setResponseHeader, setResponseStatus } from 'h3'
import { homeName, homeOf } from '../../../home'
import { answered, languageOf } from '../../../http'
import { ready } from '../../../start/ready'
import { wordingFor } from '#shared/languages'

const ICONS = [192, 512].map((size) => ({ src: `/icon-${size}.png`, sizes: `${size}x${size}`, type: 'image/png' }))

/** What a phone needs to put a pupil's page among its programs. */
export default defineEventHandler((event) =>
  answered(event, async () => {
    await ready()
    const token = getRouterParam(event, 'token') ?? ''
    const asker = await homeOf(event, token)
    const name = asker && (await homeName(asker))
    setResponseHeader(event, 'cache-control', 'private, no-store')
    if (!name) {
      setResponseStatus(event, 404)
      return {}
    }
    setResponseHeader(event, 'content-type', 'application/manifest+json')
    const title = wordingFor(languageOf(event)).text('home.title', { name })
    return {
      ...{ name: title, short_name: name, start_url: `/p/${token}`, scope: '/p/', display: 'standalone' },
      ...{ background_color: '#f2f5f2', theme_color: '#17211d', icons: ICONS },
    }
  }),
)
