import { setMaxListeners } from 'node:events'
import {
  defineEventHandler,
  getQuery,
  getRequestHeader,
  getRouterParam,
  type H3Event,
  setResponseHeader,
  setResponseStatus,
} from 'h3'
import { DomainError, type ErrorData } from '#core/message'
import { dayOf } from '#core/practice'
import { wordsOf } from './language'
import { type Answer, type Route, PAGE_HEADER, STUDIO_HEADER, TODAY_HEADER } from '#shared/routes'
import { clipped } from '#shared/fault'
import { checkText } from '#shared/schemas'
import type { Wording } from '#shared/wording'
import {
  currentStudio,
  hasStudio,
  DatabaseUnavailable,
  DiskFull,
  isOrphan,
  type Pool,
  poolFor,
  type Scope,
  withDatabase,
} from '../db'
import { asksSignIn, type Identity, scopeOf } from '../people'
import { withToday } from '../clock'
import { errorFields, log } from '../log'
import { ready } from '../start/ready'
import { refuse, type Thing } from '../messages'
import { notFound, HttpError } from '../httpError'
import { withAbort } from '../work'

/** What every route works with. */
export interface Context {
  readonly event: H3Event
  /** In whose words it answers. */
  readonly words: Wording
  /** The database in the name of whoever asks: it shows what is theirs, and nothing else. */
  readonly db: Pool
  readonly studio: number
  readonly asker: Identity
}

/** Who may ask a route, and in whose name it is answered. */
type Walls =
  /** Whoever works in the studio, for what is theirs. */
  | 'studio'
  /** The studio's owner, for all of it; on one's own machine whoever sits there. */
  | 'office'
  /** Whoever sits at one's own machine, for all studios on it. Where people sign in there is no such address. */
  | 'machine'
  /** A pupil, by the address of the pupil's page. */
  | 'pupil'

/** Aborts when whoever asked has gone before the answer. */
function abortSignalFor({ node: { res } }: H3Event): AbortSignal {
  const gone = new AbortController()
  // a batch waits for many pieces of work
  setMaxListeners(0, gone.signal)
  res.once('close', () => {
    if (!res.writableFinished) gone.abort()
  })
  return gone.signal
}

/**
 * A route of the API: waits for the database, finds the studio, and answers every error in one shape. What it answers is
 * said in `shared/routes.ts`; nothing where it has answered by itself, line by line.
 * @param _name its method and address, as its file's place says (a test compares them)
 */
export const route = <R extends Route>(
  _name: R,
  work: (context: Context) => Promise<Answer<R> | undefined>,
  walls: Walls = 'studio',
) =>
  defineEventHandler((event) =>
    answered(event, async () => {
      await ready()
      const { asker, ...place } = await placeFor(event, walls)
      const db = poolFor(place.scope)
      return work({ event, words: wordsOf(event), db, studio: place.studio, asker })
    }),
  )

/** A route that answers before anybody has signed in: it lies under `/api/session`. */
export const doorRoute = <R extends Route>(_name: R, work: (event: H3Event) => Promise<Answer<R>>) =>
  defineEventHandler((event) =>
    answered(event, async () => {
      await ready()
      return work(event)
    }),
  )

/** Does a request's work on its day, until whoever asks has gone; every error is answered in one shape. */
export async function answered<T>(event: H3Event, work: () => Promise<T>) {
  const signal = abortSignalFor(event)
  try {
    const day = todayFor(event)
    return await withToday(day, () => withDatabase(() => withAbort(signal, turnOf(event), work)))
  } catch (error) {
    // nobody reads it
    if (signal.aborted) return null
    return errorAnswer(event, error)
  }
}

/** Whoever asks, as the first door found (server/middleware/identify.ts). */
export const askerOf = (event: H3Event): Identity | null => (event.context.asker as Identity | undefined) ?? null

/** Where a request is answered, and in whose name. @throws HttpError 401, 403, 404, 409 */
async function placeFor(event: H3Event, walls: Walls): Promise<{ asker: Identity; studio: number; scope: Scope }> {
  const asker = askerOf(event)
  if (!asker) throw new HttpError(401, refuse('sign-in.needed', {}, '').toData())
  if ((asker.kind === 'pupil') !== (walls === 'pupil')) throw notFound('address')
  if (walls === 'machine' && asksSignIn()) throw notFound('address')
  if (walls === 'office' && asker.kind === 'teacher' && asker.role !== 'owner')
    throw new HttpError(403, refuse('owner.only', {}, '').toData())
  const studio = await studioFor(event, asker)
  if (walls === 'machine') return { asker, studio, scope: { who: 'machine' } }
  return { asker, studio, scope: walls === 'office' ? { who: 'office', studio } : scopeOf(asker, studio) }
}

/**
 * Whose turn it is, where work waits: a studio's, where several are served; else a page says which it is, and others are
 * told apart by where they are.
 */
function turnOf(event: H3Event): string {
  const asker = askerOf(event)
  if (asker && asker.kind !== 'machine') return `studio ${asker.studio}`
  const page = getRequestHeader(event, PAGE_HEADER) ?? ''
  return /^[\w-]{1,40}$/.test(page) ? page : (event.node.req.socket.remoteAddress ?? '')
}

/** The day that it is for whoever asks; undefined where the request does not say. @throws DomainError for what is none */
function todayFor(event: H3Event): string | undefined {
  const said = getRequestHeader(event, TODAY_HEADER) ?? getQuery(event).today
  if (said === undefined) return undefined
  if (typeof said !== 'string' || dayOf(said) === null) throw refuse('query.date', { field: 'today' }, 'today')
  return said
}

/** Seconds after which to ask again what could not be done now. */
const RETRY_AFTER = 2

function errorAnswer(event: H3Event, error: unknown) {
  const worded = (fault: ErrorData) => wordsOf(event).worded(clipped(fault))
  if (error instanceof HttpError) {
    setResponseStatus(event, error.status)
    const after = error.retryAfter ?? (error.status === 503 ? RETRY_AFTER : null)
    if (after !== null) setResponseHeader(event, 'retry-after', after)
    return worded(error.fault)
  }
  if (error instanceof DatabaseUnavailable || error instanceof DiskFull) {
    setResponseStatus(event, 503)
    setResponseHeader(event, 'retry-after', RETRY_AFTER)
    return worded({ code: error instanceof DiskFull ? 'disk' : 'database', path: '' })
  }
  if (error instanceof DomainError) {
    setResponseStatus(event, 422)
    return worded(error.toData())
  }
  if (isOrphan(error)) {
    setResponseStatus(event, 409)
    return worded({ code: 'gone', path: '' })
  }
  log.error({ route: event.context.matchedRoute?.path, ...errorFields(error) })
  setResponseStatus(event, 500)
  return worded({ code: 'server', path: '' })
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i

/** The id in the address. @throws HttpError 404 where it cannot be one */
export function idParam(event: H3Event, what: Thing): string {
  const id = getRouterParam(event, 'id') ?? ''
  if (!UUID.test(id)) throw notFound(what)
  return id.toLowerCase()
}

/** The number in the address. @throws HttpError 404 where it cannot be one */
export function numberParam(event: H3Event, what: Thing): number {
  const text = getRouterParam(event, 'id') ?? ''
  if (!/^[1-9]\d{0,8}$/.test(text)) throw notFound(what)
  return Number(text)
}

/**
 * The studio that a request is about: that of whoever is signed in; on one's own machine the one that its page shows,
 * which it names, or the one that is open. A page that still shows another goes on with that.
 * @throws HttpError 409 where it is gone, 404 where it is another's
 */
async function studioFor(event: H3Event, asker: Identity): Promise<number> {
  const { studio: queried } = getQuery(event)
  const named = getRequestHeader(event, STUDIO_HEADER) ?? (typeof queried === 'string' ? queried : undefined)
  if (asker.kind !== 'machine') {
    if (named !== undefined && named !== String(asker.studio)) throw notFound('studio')
    return asker.studio
  }
  const machine = poolFor({ who: 'machine' })
  if (named === undefined) return currentStudio(machine)
  if (/^[1-9]\d{0,8}$/.test(named) && (await hasStudio(machine, Number(named)))) return Number(named)
  throw new HttpError(409, refuse('studio.gone', {}, 'studio').toData())
}

/** An id in the query; null where none is named. @throws HttpError 404 where it cannot be one */
export function idQuery(value: unknown, what: Thing): string | null {
  if (value === undefined) return null
  if (typeof value !== 'string' || !UUID.test(value)) throw notFound(what)
  return value.toLowerCase()
}

/** A day in the query; undefined where none is named. @throws DomainError for what is none */
export function dateQuery(event: H3Event, name: string): string | undefined {
  const value = getQuery(event)[name]
  if (value === undefined) return undefined
  if (typeof value !== 'string' || dayOf(value) === null) throw refuse('query.date', { field: name }, name)
  return value
}

/** A version in the query; undefined where none is named, or it cannot be one. */
export function versionQuery(event: H3Event): number | undefined {
  const { version } = getQuery(event)
  return typeof version === 'string' && /^[1-9]\d{0,8}$/.test(version) ? Number(version) : undefined
}

/** The name in the address, no longer than one can be. */
export const slugParam = (event: H3Event): string => slugQuery(getRouterParam(event, 'id')) ?? ''

const SLUG = /^[\w.-]{1,61}$/

/** A name that can be one of a list or of a grade; undefined where it cannot. */
export const slugQuery = (value: unknown): string | undefined =>
  typeof value === 'string' && SLUG.test(value) ? value : undefined

/** A value of the query, if it is one and says something. @throws DomainError for text that cannot be kept */
export function textQuery(value: unknown, name: string): string | undefined {
  if (typeof value !== 'string' || !value) return undefined
  checkText(value, name)
  return value
}
