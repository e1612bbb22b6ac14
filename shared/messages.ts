import { type ListParam, type Message, type Param, errorMaker, messageMaker } from '#core/message'
import type { Worded, WordedErrors } from '#words'

/** What a schema finds about a field, by Joi's name for it. */
export type FieldCode = `field.${string}`

/** What the doors refuse. */
interface SharedErrors {
  'body.object': null
  json: { why: string }
  text: { field: string }
  depth: null
  'file.encoding': { line: number }
  'worksheet.none': null
  'document.unknown': { format: string; known: string }
}
export const refuse = errorMaker<WordedErrors<SharedErrors>>()

/** What is wrong on a line of a file. */
interface SharedMessages {
  'error.csv.meta': { name: string; known: ListParam }
  'error.csv.header': null
  'error.csv.lines': { count: number; most: number }
  'error.csv.problems': { most: number }
  'error.csv.column': { name: string; known: ListParam }
  'error.csv.cells': { why: string }
  'error.csv.truth': { text: string }
}
export const problemMessage = messageMaker<Worded<SharedMessages>>()

/** What a schema found, as a message. */
export const fieldMessage = (code: FieldCode, params: Readonly<Record<string, Param>>): Message => ({
  code: `error.${code}`,
  params,
})
