import type { ValidationError, ValidationErrorItem } from 'joi'
import { listed, type ErrorData, type Message, type Param, DomainError } from '#core/message'
import { type FieldCode, fieldMessage } from './messages'

/** `a.b[2].c` from Joi's path. */
export const joined = (path: readonly (string | number)[]): string =>
  path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : text ? `${text}.${part}` : part),
    '',
  )

/** Joi's findings that have a text of their own; whatever else it may find is told as `field.invalid`. */
const FINDINGS = new Set([
  ...['any.required', 'any.only', 'any.unknown', 'object.base', 'object.unknown', 'object.missing', 'object.xor'],
  ...['array.base', 'array.min', 'array.max', 'array.length', 'array.unique', 'array.includes'],
  ...['number.base', 'number.integer', 'number.min', 'number.max', 'number.unsafe', 'boolean.base'],
  ...['string.base', 'string.empty', 'string.max', 'string.min', 'string.guid', 'string.pattern.name'],
  ...['alternatives.types', 'alternatives.match', 'alternatives.any', 'object.without', 'object.with'],
])

/** What may be said of a finding besides the field: a bound, what is allowed, what was given, a pattern's name. */
function paramsOf({ context = {} }: ValidationErrorItem): Record<string, Param> {
  const { limit, valids, value, name } = context as Record<string, unknown>
  return {
    ...(typeof limit === 'number' ? { limit } : {}),
    ...(Array.isArray(valids) ? { among: listed(valids.map(String), 'comma') } : {}),
    ...(typeof value === 'string' || typeof value === 'number' ? { value } : { value: '' }),
    ...(typeof name === 'string' ? { name } : {}),
  }
}

/** What a schema found: a code, and what it says of the field that `label` names. */
export function findingOf(found: ValidationErrorItem, label: string): Message {
  const code: FieldCode = FINDINGS.has(found.type) ? `field.${found.type}` : 'field.invalid'
  return fieldMessage(code, { field: label, ...paramsOf(found) })
}

/** So much of what was sent is repeated in an answer. */
const MAX_REPEATED = 200

function clippedIn(value: unknown): unknown {
  if (typeof value === 'string') return value.length > MAX_REPEATED ? `${value.slice(0, MAX_REPEATED - 1)}…` : value
  if (Array.isArray(value)) return value.map(clippedIn)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([name, each]) => [clippedIn(name), clippedIn(each)]))
}

/** An error that repeats no text of the request at length. What stands now, beside a stale save, stays whole. */
export const clipped = <E extends ErrorData>(error: E): E => ({
  ...error,
  path: clippedIn(error.path),
  ...(error.params && { params: clippedIn(error.params) }),
})

/** A schema's first finding, as every door answers it. */
export function errorOf(error: ValidationError): DomainError {
  const first = error.details[0]!
  const path = joined(first.path)
  const { code, params } = findingOf(first, path)
  return new DomainError(code.replace(/^error\./, ''), params!, path)
}
