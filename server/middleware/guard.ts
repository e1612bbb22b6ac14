import { defineEventHandler, getRequestHeader, type H3Event, setResponseStatus } from 'h3'
import { CHANGES } from '../http/changes'
import { wordsOf } from '../http/language'

/** Tactum answers on this machine, and under names that were given to it at the start: `TACTUM_HOSTS`, with commas. */
const HOSTS = new Set([
  'localhost',
  '127.0.0.1',
  '[::1]',
  ...(process.env.TACTUM_HOSTS ?? '').split(',').filter(Boolean),
])

const hostOf = (event: H3Event): string => getRequestHeader(event, 'host') ?? ''

/** Another name that leads here was made to: pages of elsewhere would read along. */
const isOwnHost = (event: H3Event): boolean => HOSTS.has(hostOf(event).replace(/:\d+$/, '').toLowerCase())

/** Browsers say of every change which page asks for it; whatever does not say so is not let in. */
function isFromHere(event: H3Event): boolean {
  const site = getRequestHeader(event, 'sec-fetch-site')
  if (site !== undefined) return site === 'same-origin'
  const origin = getRequestHeader(event, 'origin')
  return origin === `http://${hostOf(event)}` || origin === `https://${hostOf(event)}`
}

function refusal(event: H3Event): { readonly status: number; readonly code: string } | null {
  if (!isOwnHost(event)) return { status: 421, code: 'host' }
  if (!CHANGES.has(event.method)) return null
  if (!isFromHere(event)) return { status: 403, code: 'origin' }
  return null
}

/** Closes Tactum to the pages of strangers. */
export default defineEventHandler((event) => {
  const refused = refusal(event)
  if (!refused) return
  event.node.req.resume()
  setResponseStatus(event, refused.status)
  return wordsOf(event).worded({ code: refused.code, path: '' })
})
