import { createInterface } from 'node:readline'
import { DomainError } from '#core/message'
import { parsedJson } from '#shared/schemas'
import { refuse } from './messages'
import { formatError, formatted, type Terminal, writeLine } from './terminal'

const MAX_CHARACTERS = 1_000_000
/** A record of ten thousand entries, each with its study. */
export const MAX_WHOLE = 40_000_000

export type Answer = object

/** One line in, one value out; errors are values too. */
function cachedAnswer(
  terminal: Terminal,
  line: string,
  answer: (value: unknown) => Answer,
  most = MAX_CHARACTERS,
): { result: object; ok: boolean } {
  try {
    if (line.length > most) {
      throw refuse('line.size', {}, '')
    }
    return { result: formatted(terminal, answer(parsedJson(line))), ok: true }
  } catch (error) {
    if (error instanceof DomainError) return { result: formatError(terminal, error), ok: false }
    throw error
  }
}

/** Answers one JSON value, over as many lines as it takes. 1 if it was refused */
export async function answerWhole(terminal: Terminal, answer: (value: unknown) => Answer): Promise<number> {
  const chunks: Buffer[] = []
  for await (const chunk of terminal.input) chunks.push(Buffer.from(chunk as Uint8Array))
  const { result, ok } = cachedAnswer(terminal, Buffer.concat(chunks).toString('utf8'), answer, MAX_WHOLE)
  await writeLine(terminal, result)
  return ok ? 0 : 1
}

/** Answers JSON lines in order, each before the next is read. Blank lines are skipped. 1 if any was refused. */
export async function answerLines(
  terminal: Terminal,
  answer: (value: unknown) => Answer,
  most?: number,
): Promise<number> {
  let failed = false
  for await (const line of createInterface({ input: terminal.input, crlfDelay: Infinity })) {
    if (line.trim() === '') continue
    const { result, ok } = cachedAnswer(terminal, line, answer, most)
    failed ||= !ok
    await writeLine(terminal, result)
  }
  return failed ? 1 : 0
}
