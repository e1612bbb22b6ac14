import type { H3Event } from 'h3'
import type { ObjectSchema } from 'joi'
import { RecipeError } from '#core/message'
import { checked, parsedJson } from '#shared/schemas'
import { refuse } from '../messages'
import { Refusal } from '../refusal'

export const MAX_BYTES = 1_000_000

const tooLarge = (most = MAX_BYTES) => new Refusal(413, refuse('body.size', { most: most / 1_000_000 }, '').toFault())

/** Reads a body, but never more of it than is allowed. @throws Refusal 413 */
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

/** A request's JSON. @throws Refusal 400 or 413, RecipeError (answered with 422) for text that cannot be kept */
export async function readJson(event: H3Event): Promise<unknown> {
  const text = (await readBytes(event)).toString('utf8')
  try {
    return parsedJson(text)
  } catch (error) {
    if (error instanceof RecipeError && error.code === 'json') throw new Refusal(400, error.toFault())
    throw error
  }
}

/** A request's body, checked. @throws Refusal 400 or 413, RecipeError (answered with 422) */
export const readChecked = async <T>(event: H3Event, schema: ObjectSchema<T>): Promise<T> =>
  checked(schema, await readJson(event))
