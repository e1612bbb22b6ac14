import { fileName } from '#shared/fileName'

/** Hands the user a file. @returns its name */
export function download(title: string, extension: string, file: Blob): string {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = `${fileName(title)}.${extension}`
  link.click()
  URL.revokeObjectURL(link.href)
  return link.download
}

/** Hands the user a value as a JSON file. */
export const downloadJson = (title: string, value: unknown): string =>
  download(title, 'json', new Blob([JSON.stringify(value, null, 2)], { type: 'application/json' }))
