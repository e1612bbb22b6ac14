import type { DomainError } from '#core/message'
import { clipped } from '#shared/fault'
import { formatDeep } from '#shared/reader'
import type { Wording } from '#shared/wording'

/** Where a command reads and writes, and in whose words. */
export interface Terminal {
  readonly input: NodeJS.ReadableStream
  readonly output: NodeJS.WritableStream
  readonly words: Wording
}

/** An answer with every message in it said in the reader's language. */
export const formatted = ({ words }: Terminal, answer: object): object => formatDeep(answer, words.reader) as object

/** An error as the terminal prints it: code, sentence, field. */
export const formatError = (terminal: Terminal, error: DomainError): object => ({
  error: formatted(terminal, terminal.words.worded(clipped(error.toData()))),
})

/** Writes a value as one line of JSON, and waits until it is written. */
export const writeLine = ({ output }: Terminal, value: object): Promise<void> =>
  new Promise((resolve) => output.write(`${JSON.stringify(value)}\n`, () => resolve()))
