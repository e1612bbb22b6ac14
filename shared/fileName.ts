/** A file's name that every system takes: signs spelled out, the rest in letters, digits and hyphens. */
export const fileName = (title: string): string =>
  title
    .replaceAll('♯', ' sharp')
    .replaceAll('♭', ' flat')
    .replace(/[^\p{L}\p{N}_]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 120)
    .toLowerCase() || 'tactum'

/**
 * A name that no other file has yet, numbered until it is free; capitals make no other name, as some systems see it.
 * @param taken names so far, to which it is added
 */
export function freeName(stem: string, extension: string, taken: Set<string>): string {
  for (let copy = 1; ; copy++) {
    const name = `${stem}${copy > 1 ? `-${copy}` : ''}${extension}`
    if (taken.has(name.toLowerCase())) continue
    taken.add(name.toLowerCase())
    return name
  }
}
