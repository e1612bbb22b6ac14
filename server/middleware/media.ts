import { defineEventHandler, getRequestHeader, type H3Event, setResponseStatus } from 'h3'
import { CHANGES } from '../http/changes'
import { wordsOf } from '../http/language'

const typeOf = (event: H3Event): string | undefined =>
  getRequestHeader(event, 'content-type')?.split(';')[0]!.trim().toLowerCase()

/** Forms of any page can send text, but not this. */
function isJson(event: H3Event): boolean {
  // nor an archive
  if (typeOf(event) === 'application/zip') return event.path.startsWith('/api/archive')
  const type = typeOf(event)
  const empty =
    Number(getRequestHeader(event, 'content-length') ?? 0) === 0 && !getRequestHeader(event, 'transfer-encoding')
  return type === 'application/json' || (type === undefined && empty)
}

/** Files as they are, to be looked at; nothing is changed by it. */
const TAKES_FILES = ['/api/syllabi/preview', '/api/files/read']

/** Takes JSON alone, and files where they are asked for. */
export default defineEventHandler((event) => {
  if (!CHANGES.has(event.method)) return
  if (isJson(event) || TAKES_FILES.some((path) => event.path.startsWith(path))) return
  event.node.req.resume()
  setResponseStatus(event, 415)
  return wordsOf(event).worded({ code: 'media', path: '' })
})
