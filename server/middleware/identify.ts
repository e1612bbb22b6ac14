import { defineEventHandler, type H3Event } from 'h3'
import { answered, HttpError } from '../http'
import { refuse } from '../messages'
import { asksSignIn, type Identity, pupilOf, teacherOf } from '../people'
import { ready } from '../start/ready'

/** What answers before anybody has signed in. */
const OPEN = ['/api/health', '/api/ready', '/api/session']
/** What a pupil reaches by the address of the own page. */
const HOME = '/api/home'

const isUnder = (path: string, place: string): boolean => path === place || path.startsWith(`${place}/`)

function whoAsks(event: H3Event, path: string): Promise<Identity | null> | Identity {
  if (isUnder(path, HOME)) return pupilOf(event)
  return asksSignIn() ? teacherOf(event) : { kind: 'machine' }
}

/** The first door: says who asks, or that nobody may. It comes before anything of a request is read. */
export default defineEventHandler(async (event) => {
  const path = event.path.split('?')[0]!
  if (!isUnder(path, '/api') || OPEN.some((place) => isUnder(path, place))) return
  if (!asksSignIn() && !isUnder(path, HOME)) {
    event.context.asker = { kind: 'machine' } satisfies Identity
    return
  }
  const refused = await answered(event, async () => {
    await ready()
    const asker = await whoAsks(event, path)
    if (!asker) throw new HttpError(401, refuse('sign-in.needed', {}, '').toData())
    event.context.asker = asker
  })
  if (refused === undefined) return
  event.node.req.resume()
  return refused
})
