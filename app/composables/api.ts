import type { Fault } from '#core/pitch'

/** An answer that was not success, in the API's one shape; `current` comes with a stale save. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly fault: Fault & { readonly current?: unknown },
  ) {
    super(fault.message)
  }
}

const SILENT: Fault = {
  code: 'offline',
  message: 'The server does not answer. Nothing was saved; try again when it is back.',
  path: '',
}

/** Asks the server. @throws ApiError, also when it cannot be reached (status 0) */
export async function ask<T>(address: string, method = 'GET', body?: unknown): Promise<T> {
  const text = typeof body === 'string' ? body : JSON.stringify(body)
  const request = body === undefined ? {} : { body: text, headers: { 'content-type': 'application/json' } }
  const answer = await fetch(address, { method, ...request }).catch(() => null)
  if (!answer) throw new ApiError(0, SILENT)
  const content = (await answer.json().catch(() => null)) as unknown
  if (!answer.ok) throw new ApiError(answer.status, (content as Fault | null) ?? SILENT)
  return content as T
}

/** What to tell a person about any error. */
export const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : String(error))
