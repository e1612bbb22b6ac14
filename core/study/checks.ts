import { studyError } from './messages'

/** @throws DomainError `field.range` */
export function whole(value: unknown, least: number, most: number, path: string): number {
  if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) return value
  throw studyError('field.range', { field: path, of: 'whole', least, most }, path)
}

/** A list of some choices, each once. @throws DomainError `field.unknown` naming the place in the list */
export function someOf<T extends string>(value: unknown, among: readonly T[], path: string): T[] {
  if (!Array.isArray(value)) throw studyError('field.unknown', { field: path, of: 'list', among: '' }, path)
  return [...new Set(value.map((each, at) => oneOf(each, among, `${path}[${at}]`)))]
}

/** @throws DomainError `field.unknown` */
export function oneOf<T extends string | number>(value: unknown, among: readonly T[], path: string): T {
  if ((among as readonly unknown[]).includes(value)) return value as T
  throw studyError('field.unknown', { field: path, of: 'choice', among: among.join(', ') }, path)
}
