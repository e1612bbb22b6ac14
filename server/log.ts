import pino from 'pino'

/**
 * What the server writes down, a line of JSON each: which route, how it went, how long it took. Never who, nor what: no
 * name, no id, no address of a pupil's page, no body. On one's own machine only what went wrong; `TACTUM_LOG` says otherwise.
 */
export const log = pino(
  {
    level: process.env.TACTUM_LOG ?? (process.env.TACTUM_SIGN_IN === '1' ? 'info' : 'error'),
    base: undefined,
    timestamp: pino.stdTimeFunctions.isoTime,
    formatters: { level: (label) => ({ level: label }) },
  },
  // at once: what is lost of a log is what was said last
  pino.destination({ dest: 1, sync: true }),
)

/** What of an error may be written down: where it happened, not what it was about. Values stand in messages of the database. */
export function errorFields(error: unknown): { readonly error: string; readonly code?: string; readonly at?: string } {
  if (!(error instanceof Error)) return { error: typeof error }
  const { code } = error as { code?: unknown }
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line))
  return {
    error: error.name,
    ...(typeof code === 'string' ? { code } : {}),
    at: frames
      .slice(0, 6)
      .map((line) => line.trim())
      .join(' '),
  }
}
