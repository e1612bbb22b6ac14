import { createInterface } from 'node:readline'
import { RecipeError } from '#core/message'
import { parsedJson } from '#shared/schemas'
import { refuse } from './messages'
import { refused, said } from './said'

const MOST_CHARACTERS = 1_000_000

export type Answer = object

/** One line in, one value out; errors are values too. */
function answerTo(line: string, answer: (value: unknown) => Answer): { result: object; ok: boolean } {
  try {
    if (line.length > MOST_CHARACTERS) {
      throw refuse('line.size', {}, '')
    }
    return { result: said(answer(parsedJson(line))), ok: true }
  } catch (error) {
    if (error instanceof RecipeError) return { result: refused(error), ok: false }
    throw error
  }
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
