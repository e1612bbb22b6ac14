import {
  addressOf,
  type Answer,
  type Parameters,
  type Route,
  PAGE_HEADER,
  STUDIO_HEADER,
  TODAY_HEADER,
} from '#shared/routes'
import { type ErrorData as Fault, DomainError } from '#core/message'
import { errorMessage } from '#words'
import { noteTrouble, untilBack } from '~/composables/connection'
import { untilSignedIn } from '~/composables/session'
import { currentStudio } from '~/composables/studio'
import { localToday } from '~/composables/today'
import { formatMessage, knows, languageTag, t } from '~/composables/words'

/** An answer that was not success, in the API's one shape; `current` comes with a stale save. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly fault: Fault & { readonly current?: unknown },
  ) {
    super(fault.code)
  }
}

/** What somebody else saved first, where that is why a save was refused: as the route answers when it is saved. */
export const newerThan = <R extends Route>(_route: R, error: unknown): Answer<R> | null =>
  error instanceof ApiError && error.status === 409 ? ((error.fault.current as Answer<R> | undefined) ?? null) : null

/** Whether the server, or the database behind it, could not be reached: what was asked may be asked again. */
export const isUnreachable = (error: unknown): boolean =>
  error instanceof ApiError && (error.status === 0 || error.status === 503)

const SILENT: Fault = {
  code: 'offline',
  path: '',
}

/** What keeps the server from saving is said over every page. */
function noteFault({ code }: Fault): void {
  if (code === 'database') void noteTrouble('away')
  if (code === 'disk') void noteTrouble('disk')
}

/** This page, as long as it is open. */
const PAGE = Math.random().toString(36).slice(2)

/** What is sent with every question: its type, where it has a body, the language in which to answer, and of which studio. */
const headersFor = (type?: string): Record<string, string> => ({
  'accept-language': languageTag(),
  [PAGE_HEADER]: PAGE,
  [TODAY_HEADER]: localToday(),
  ...(currentStudio.value ? { [STUDIO_HEADER]: String(currentStudio.value.id) } : {}),
  ...(type ? { 'content-type': type } : {}),
})
const JSON_TYPE = 'application/json'

/**
 * Sends a request. Where nobody is signed in any more, the page asks who is there, and it is sent again: what was typed
 * is not lost. Signing in itself is refused as everything else is.
 * @returns null where the server cannot be reached
 */
async function send(address: string, request: RequestInit): Promise<Response | null> {
  for (;;) {
    const answer = await fetch(address, request).catch(() => null)
    if (answer?.status !== 401 || address.startsWith('/api/session')) return answer
    await untilSignedIn()
    request.signal?.throwIfAborted()
  }
}

/**
 * Asks the server. What it answers is known by the route.
 * @param parameters the id in the address; the rest is its query
 * @throws ApiError, also when it cannot be reached (status 0)
 */
export async function ask<R extends Route>(route: R, parameters: Parameters = {}, body?: unknown): Promise<Answer<R>> {
  const { method, address } = addressOf(route, parameters)
  const text = typeof body === 'string' ? body : JSON.stringify(body)
  const request = body === undefined ? { headers: headersFor() } : { body: text, headers: headersFor(JSON_TYPE) }
  const answer = await send(address, { method, ...request })
  if (!answer) {
    void noteTrouble('away')
    throw new ApiError(0, SILENT)
  }
  const content = (await answer.json().catch(() => null)) as unknown
  if (!answer.ok) {
    const fault = (content as Fault | null) ?? SILENT
    noteFault(fault)
    throw new ApiError(answer.status, fault)
  }
  return content as Answer<R>
}

/**
 * Asks again until the server is there. Only what may be asked twice is asked so: what is read, or bears its own id.
 * @throws ApiError as `ask`, but never for a server that is away
 */
export async function askPatiently<R extends Route>(
  route: R,
  parameters: Parameters = {},
  body?: unknown,
): Promise<Answer<R>> {
  for (;;) {
    try {
      return await ask(route, parameters, body)
    } catch (problem) {
      // one that is busy answers, and asks to be left alone for a moment
      if (!isUnreachable(problem) || (problem as ApiError).fault.code === 'busy') throw problem
      await untilBack()
    }
  }
}

/** Asks for a file. @throws ApiError as `ask` */
export async function askFile(route: Route, body: unknown): Promise<Blob> {
  const { address } = addressOf(route)
  const headers = headersFor(JSON_TYPE)
  const answer = await send(address, { method: 'POST', body: JSON.stringify(body), headers })
  if (!answer) throw new ApiError(0, SILENT)
  if (!answer.ok) throw new ApiError(answer.status, (await answer.json().catch(() => SILENT)) as Fault)
  return answer.blob()
}

/** Fetches a file. @throws ApiError as `ask`; the signal’s reason once it is aborted */
export async function fetchFile(route: Route, parameters: Parameters, signal: AbortSignal): Promise<Blob> {
  const { address } = addressOf(route, parameters)
  const answer = await send(address, { signal, headers: headersFor() })
  signal.throwIfAborted()
  if (!answer) throw new ApiError(0, SILENT)
  if (!answer.ok) throw new ApiError(answer.status, (await answer.json().catch(() => SILENT)) as Fault)
  return answer.blob()
}

/** A way to ask of which only the latest question counts: an answer that was overtaken is null. @throws ApiError as `ask` */
export function askLatest() {
  let asking = new AbortController()
  return async <R extends Route>(route: R, body: unknown): Promise<Answer<R> | null> => {
    asking.abort()
    const { signal } = (asking = new AbortController())
    try {
      return await sendFile(route, JSON.stringify(body), signal, JSON_TYPE)
    } catch (error) {
      if (signal.aborted) return null
      throw error
    }
  }
}

/** Sends a file as it is, to be looked at. @throws ApiError as `ask`; the signal’s reason once it is aborted */
export async function sendFile<R extends Route>(
  route: R,
  body: BodyInit,
  signal: AbortSignal,
  type?: string,
): Promise<Answer<R>> {
  const { address } = addressOf(route)
  const headers = headersFor(type)
  const answer = await send(address, { method: 'POST', body, signal, headers })
  signal.throwIfAborted()
  if (!answer) throw new ApiError(0, SILENT)
  const content = (await answer.json().catch(() => null)) as unknown
  if (!answer.ok) throw new ApiError(answer.status, (content as Fault | null) ?? SILENT)
  return content as Answer<R>
}

interface LineOfWork<T> {
  readonly soFar?: readonly [done: number, of: number]
  readonly answer?: T
  readonly fault?: Fault
}

/**
 * Asks for long work, and is told on the way how far it is.
 * @throws ApiError as `ask`; the signal's reason once it is aborted
 */
export async function askLong<R extends Route>(
  route: R,
  parameters: Parameters,
  body: BodyInit,
  { signal, soFar }: { readonly signal: AbortSignal; readonly soFar: (done: number, of: number) => void },
): Promise<Answer<R>> {
  const { address } = addressOf(route, parameters)
  const accept = 'application/x-ndjson'
  const answer = await send(address, { method: 'POST', body, signal, headers: { ...headersFor(), accept } })
  signal.throwIfAborted()
  if (!answer?.body) throw new ApiError(0, SILENT)
  if (!answer.ok) throw new ApiError(answer.status, (await answer.json().catch(() => SILENT)) as Fault)
  let rest = ''
  for (const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader(); ;) {
    const { done, value } = await reader.read()
    if (done) throw new ApiError(0, SILENT)
    const lines = (rest + value).split('\n')
    rest = lines.pop()!
    for (const line of lines) {
      const received = JSON.parse(line) as LineOfWork<Answer<R>>
      if (received.soFar) soFar(...received.soFar)
      if (received.fault) throw new ApiError(answer.status, received.fault)
      if (received.answer !== undefined) return received.answer
    }
  }
}

/** A refusal in the reader’s language; what no catalogue knows as the server worded it. */
const textOf = (fault: Fault & { readonly message?: string }): string =>
  knows(`error.${fault.code}`) ? formatMessage(errorMessage(fault)) : (fault.message ?? t('error.server'))

/** What to tell a person about any error. */
export function wordsOf(error: unknown): string {
  if (error instanceof ApiError) return textOf(error.fault)
  if (error instanceof DomainError) return formatMessage(errorMessage(error))
  return error instanceof Error ? error.message : String(error)
}
