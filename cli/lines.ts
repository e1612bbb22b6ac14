import { createInterface } from 'node:readline'
import { DomainError } from '#core/message'
import { parsedJson } from '#shared/schemas'
import { refuse } from './messages'
import { refused, said } from './said'

const MAX_CHARACTERS = 1_000_000
/** A record of ten thousand entries, each with its study. */
const MAX_WHOLE = 40_000_000

export type Answer = object

/** One line in, one value out; errors are values too. */
function answerTo(
  line: string,
  answer: (value: unknown) => Answer,
  most = MAX_CHARACTERS,
): { result: object; ok: boolean } {
  try {
    if (line.length > most) {
      throw refuse('line.size', {}, '')
    }
    return { result: said(answer(parsedJson(line))), ok: true }
  } catch (error) {
    if (error instanceof DomainError) return { result: refused(error), ok: false }
    throw error
  }
}

/** Answers one JSON value, over as many lines as it takes. 1 if it was refused */
export async function answerWhole(
  input: NodeJS.ReadableStream,
  output: NodeJS.WritableStream,
  answer: (value: unknown) => Answer,
): Promise<number> {
  const chunks: Buffer[] = []
  for await (const chunk of input) chunks.push(Buffer.from(chunk as Uint8Array))
  const { result, ok } = answerTo(Buffer.concat(chunks).toString('utf8'), answer, MAX_WHOLE)
  output.write(`${JSON.stringify(result)}\n`)
  return ok ? 0 : 1
}

/** Answers JSON lines in order, each before the next is read. Blank lines are skipped. 1 if any was refused. */
export async function answerLines(
  input: NodeJS.ReadableStream,
  output: NodeJS.WritableStream,
  answer: (value: unknown) => Answer,
): Promise<number> {
  let failed = false
  for await (const line of createInterface({ input, crlfDelay: Infinity })) {
    if (line.trim() === '') continue
    const { result, ok } = answerTo(line, answer)
    failed ||= !ok
    await new Promise<void>((resolve) => output.write(`${JSON.stringify(result)}\n`, () => resolve()))
  }
  return failed ? 1 : 0
}
