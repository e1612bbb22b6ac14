import { getRequestHeader, type H3Event, setResponseHeader } from 'h3'
import { DomainError } from '#core/message'
import { clipped } from '#shared/fault'
import { errorFields, log } from '../log'
import { wordsOf } from './language'

const LINES = 'application/x-ndjson'

/**
 * Does long work. Whoever takes lines of JSON is told on the way how far it is: `{"soFar":[done, of]}` as it goes, at
 * the end `{"answer":…}` or `{"fault":…}`; others have the answer alone.
 * @param work is given what to call with how far it is, where anybody wants to know
 */
export async function tellingProgress<T>(
  event: H3Event,
  work: (soFar?: (done: number, of: number) => void) => Promise<T>,
): Promise<T | undefined> {
  if (getRequestHeader(event, 'accept') !== LINES) return work()
  const { res } = event.node
  const line = (part: object) => {
    if (!res.headersSent) setResponseHeader(event, 'content-type', LINES)
    res.write(`${JSON.stringify(part)}\n`)
  }
  try {
    line({ answer: await work((done, of) => line({ soFar: [done, of] })) })
  } catch (error) {
    // a status can still say it, or nobody is there any more
    if (!res.headersSent || res.closed) throw error
    if (!(error instanceof DomainError)) log.error(errorFields(error))
    line({
      fault: wordsOf(event).worded(
        clipped(error instanceof DomainError ? error.toData() : { code: 'server', path: '' }),
      ),
    })
  }
  res.end()
  return undefined
}
