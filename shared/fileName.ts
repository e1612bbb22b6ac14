/** A file's name that every system takes: signs spelled out, the rest in letters, digits and hyphens. */
export const fileName = (title: string): string =>
  title
    .replaceAll('♯', ' sharp')
    .replaceAll('♭', ' flat')
    .replace(/[^\p{L}\p{N}_]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 120)
    .toLowerCase() || 'tactum'
