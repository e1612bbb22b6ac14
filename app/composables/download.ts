/** A file name that every system takes: signs spelled out, the rest in letters, digits and hyphens. */
const fileName = (title: string): string =>
  title
    .replaceAll('♯', ' sharp')
    .replaceAll('♭', ' flat')
    .replace(/[^\w]+/g, '-')
    .toLowerCase()

/** Hands the user a value as a JSON file. */
export function downloadJson(title: string, value: unknown): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([JSON.stringify(value, null, 2)], { type: 'application/json' }))
  link.download = `${fileName(title)}.json`
  link.click()
  URL.revokeObjectURL(link.href)
}
