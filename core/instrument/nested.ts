/** Fields by which a part says of which sort it is: another sort takes its place as a whole. */
const SORTS = ['keys', 'by'] as const

const isPart = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const isSort = (value: object): boolean => SORTS.some((field) => field in value)

/** A part of a recipe as it is asked over what it is: parts within it likewise, lists as a whole. */
export function overWhole<T extends object>(whole: T | undefined, requested: object | undefined): T {
  const given: Record<string, unknown> = { ...whole }
  for (const [field, value] of Object.entries(requested ?? {})) {
    given[field] = isPart(value) && !isSort(value) && isPart(given[field]) ? overWhole(given[field], value) : value
  }
  return given as T
}
