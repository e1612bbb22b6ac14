import type { H3Event } from 'h3'
import type { ObjectSchema } from 'joi'
import { DomainError } from '#core/message'
import { checked, parsedJson } from '#shared/schemas'
import { refuse } from '../messages'
import { HttpError } from '../httpError'

export const MAX_BYTES = 1_000_000

const tooLarge = (most = MAX_BYTES) => new HttpError(413, refuse('body.size', { most: most / 1_000_000 }, '').toData())

/** Reads a body, but never more of it than is allowed. @throws HttpError 413 */
export async function readBytes(event: H3Event, most = MAX_BYTES): Promise<Buffer> {
  if (Number(event.node.req.headers['content-length'] ?? 0) > most) {
    event.node.req.resume()
    throw tooLarge(most)
  }
  const chunks: Buffer[] = []
  let size = 0
  // what is left of too much is read on and thrown away, so that the answer arrives
  for await (const chunk of event.node.req.iterator({ destroyOnReturn: false }) as AsyncIterable<Buffer>) {
    size += chunk.length
    if (size > most) {
      event.node.req.resume()
      throw tooLarge(most)
    }
    chunks.push(chunk)
  }
  return Buffer.concat(chunks)
}

/** A request's JSON. @throws HttpError 400 or 413, DomainError (answered with 422) for text that cannot be kept */
export async function readJson(event: H3Event): Promise<unknown> {
  const text = (await readBytes(event)).toString('utf8')
  try {
    return parsedJson(text)
  } catch (error) {
    if (error instanceof DomainError && error.code === 'json') throw new HttpError(400, error.toData())
    throw error
  }
}

/** A request's body, checked. @throws HttpError 400 or 413, DomainError (answered with 422) */
export const readChecked = async <T>(event: H3Event, schema: ObjectSchema<T>): Promise<T> =>
  checked(schema, await readJson(event))
