import type { Fault } from '#core/pitch'

/** An answer other than success: a status and the one shape of error, with what the page may need beside it. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly fault: Fault & { readonly current?: unknown; readonly details?: unknown },
  ) {
    super(fault.message)
  }
}

export const notFound = (what: string): Refusal =>
  new Refusal(404, { code: 'not-found', message: `There is no such ${what}.`, path: 'id' })

/** Somebody saved first: `current` is what stands now, so that the page can show both. */
export const stale = (what: string, current: unknown): Refusal =>
  new Refusal(409, {
    code: 'version.stale',
    message: `This ${what} was saved elsewhere in the meantime.`,
    path: 'version',
    current,
  })
