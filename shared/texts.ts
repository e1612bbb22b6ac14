import { joined } from './fault'
import { refuse } from './messages'

/** What no text that is kept may hold: the end of a string in C, and half of a letter that takes two codes. */
const BROKEN = /[\0\p{Cs}]/u
/** Deeper than anything that is asked for is nested. */
const MAX_DEPTH = 60

/** The one rule for text at every door. @throws DomainError `text` naming the field */
export function checkText(text: string, path: string): void {
  if (BROKEN.test(text)) throw refuse('text', { field: path }, path)
}

/** The same for every text within a value, and for the names of its fields. @throws DomainError `text`, `depth` */
export function checkTexts(value: unknown, path: readonly (string | number)[] = []): void {
  if (path.length > MAX_DEPTH) throw refuse('depth', {}, '')
  if (typeof value === 'string') return checkText(value, joined(path))
  if (typeof value !== 'object' || value === null) return
  if (Array.isArray(value)) return value.forEach((each, at) => checkTexts(each, [...path, at]))
  for (const [name, each] of Object.entries(value)) {
    checkText(name, joined(path))
    checkTexts(each, [...path, name])
  }
}
