import { readFileSync } from 'node:fs'
import { DomainError } from '#core/message'
import type { Syllabus } from '#core/syllabus'
import { parsedJson, syllabusOf } from '#shared/schemas'
import { previewCsv, textOf } from '#shared/syllabusCsv'
import { refuse } from './messages'
import { formatError, formatted, type Terminal, writeLine } from './terminal'

/** Reads a file's text. @throws DomainError naming the option */
function readText(file: string | undefined, option: string): string {
  if (!file) throw refuse('option.missing', { option, wanted: 'file' }, option)
  try {
    return textOf(readFileSync(file)).replace(/^\uFEFF/, '')
  } catch (error) {
    if (error instanceof DomainError) throw error
    throw refuse('file', { file, why: (error as Error).message }, option)
  }
}

/** Reads a JSON file. @throws DomainError naming the option, or `json` */
export const readJsonFile = (file: string | undefined, option: string): unknown => parsedJson(readText(file, option))

/** Reads a syllabus from JSON or CSV. @throws DomainError naming the field; for CSV also the line */
export function readSyllabus(file: string | undefined, option: string): Syllabus {
  const text = readText(file, option)
  if (/^\s*[{[]/.test(text) || file!.endsWith('.json')) return syllabusOf(parsedJson(text))
  const { syllabus, problems } = previewCsv(text)
  if (syllabus) return syllabus
  const { line, field, message } = problems[0]!
  // `said` is the contract's older name for a message
  const printed = problems.map((problem) => ({ ...problem, said: problem.message }))
  throw refuse('csv', { line, said: message }, field, { problems: printed })
}

/** Runs work whose refusals are printed as an error object. @returns 0, or 1 where it was refused */
export async function guarded(terminal: Terminal, work: () => void | Promise<void>): Promise<number> {
  try {
    await work()
    return 0
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    await writeLine(terminal, formatError(terminal, error))
    return 1
  }
}

/** Runs a command and prints its answer, or its refusal. @returns 0, or 1 where it was refused */
export const answered = (terminal: Terminal, work: () => object | Promise<object>): Promise<number> =>
  guarded(terminal, async () => writeLine(terminal, formatted(terminal, await work())))
