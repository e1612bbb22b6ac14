/** A name for addresses and ids: lower-case letters, digits and hyphens. */
export const slugOf = (text: string, most = 60): string =>
  text
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, most)
