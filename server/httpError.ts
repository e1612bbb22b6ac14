import type { ErrorData as Fault } from '#core/message'
import { refuse, type Thing } from './messages'

/** An answer other than success: a status and the one shape of error, with what the page may need beside it. */
export class HttpError extends Error {
  constructor(
    readonly status: number,
    readonly fault: Fault & { readonly current?: unknown; readonly details?: unknown },
    /** Seconds after which it may be asked again. */
    readonly retryAfter?: number,
  ) {
    super(fault.code)
  }
}

export const notFound = (what: Thing): HttpError => new HttpError(404, refuse('not-found', { what }, 'id').toData())

/** More is asked than can be done now: come again in a moment. */
export const busy = (): HttpError => new HttpError(503, refuse('busy', {}, '').toData())

/** Somebody saved first: `current` is what stands now, so that the page can show both. */
export const stale = (what: Thing, current: unknown): HttpError =>
  new HttpError(409, { ...refuse('version.stale', { what }, 'version').toData(), current })
