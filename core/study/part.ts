import { studyError } from './messages'

/** A part of a recipe that is itself an object. @throws DomainError `field.unknown` naming what does not belong there */
export function partOf<T extends object>(value: unknown, plain: T, path: string): T {
  if (value === undefined) return plain
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    throw studyError('field.unknown', { field: path, of: 'parts', among: Object.keys(plain).join(', ') }, path)
  }
  const stray = Object.keys(value).find((field) => !(field in plain))
  if (stray !== undefined) {
    throw studyError('field.unknown', { field: `${path}.${stray}`, of: 'stray', among: '' }, `${path}.${stray}`)
  }
  const given = Object.fromEntries(Object.entries(value).filter(([, each]) => each !== undefined))
  return { ...plain, ...given }
}
