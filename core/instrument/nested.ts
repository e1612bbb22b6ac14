const isPart = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A part of a recipe as it is asked over what it is: parts within it likewise, lists as a whole. */
export function overWhole<T extends object>(whole: T | undefined, asked: object | undefined): T {
  const told: Record<string, unknown> = { ...whole }
  for (const [field, value] of Object.entries(asked ?? {})) {
    told[field] = isPart(value) && isPart(told[field]) ? overWhole(told[field], value) : value
  }
  return told as T
}
