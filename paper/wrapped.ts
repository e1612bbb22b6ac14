import type { Faces } from './faces'
import type { Face } from './page'

/** A text in lines no wider than a length; a word that is wider stands alone. */
export function wrapped(
  text: string,
  faces: Faces,
  { face, size }: { readonly face: Face; readonly size: number },
  across: number,
): string[] {
  const lines: string[] = ['']
  for (const word of text.split(' ')) {
    const longer = `${lines.at(-1)!} ${word}`.trim()
    if (lines.at(-1) === '' || faces.width(longer, face, size) <= across) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines
}

/** Smaller than this nobody reads. */
const SMALLEST = 9

/** A text as it fits. */
export interface Line {
  readonly text: string
  readonly size: number
}

/** A text that is no wider than a length: smaller, or where that does not do, cut short. */
export function fitted(
  text: string,
  faces: Faces,
  { face, size }: { readonly face: Face; readonly size: number },
  across: number,
): Line {
  const smaller = Math.max(SMALLEST, Math.min(size, (size * across) / Math.max(1, faces.width(text, face, size))))
  if (faces.width(text, face, smaller) <= across + 0.1) return { text, size: smaller }
  const letters = [...text]
  while (letters.length > 1 && faces.width(`${letters.join('')}…`, face, smaller) > across) letters.pop()
  return { text: `${letters.join('')}…`, size: smaller }
}
