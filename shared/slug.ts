/** A name for addresses and ids: lower-case letters, digits and hyphens. */
export const slugOf = (text: string, most = 60): string =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+/, '')
    .slice(0, most)
    .replace(/-+$/, '')
