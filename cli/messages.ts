import { type Message, errorMaker } from '#core/message'
import type { WordedErrors } from '#words'

/** What the terminal refuses. */
interface Refusals {
  'compare.two': null
  'option.missing': { option: string; wanted: 'file' | 'grade' }
  'option.unknown': { why: string }
  'option.action': null
  'option.record': null
  'option.words': null
  'option.among': { among: string }
  'option.format': { known: string }
  'export.none': null
  file: { file: string; why: string }
  csv: { line: number; said: Message }
  'line.size': null
}
export const refuse = errorMaker<WordedErrors<Refusals>>()
