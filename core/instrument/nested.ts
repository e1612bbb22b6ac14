const isPart = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
/** Journeys say by a list of keys, or by a step, of which sort they are: another sort takes their place as a whole. */
const isSort = (value: Record<string, unknown>): boolean => Array.isArray(value.keys) || 'by' in value

/** A part of a recipe as it is asked over what it is: parts within it likewise, lists as a whole. */
export function overWhole<T extends object>(whole: T | undefined, requested: object | undefined): T {
  const given: Record<string, unknown> = { ...whole }
  for (const [field, value] of Object.entries(requested ?? {})) {
    given[field] = isPart(value) && !isSort(value) && isPart(given[field]) ? overWhole(given[field], value) : value
  }
  return given as T
}
