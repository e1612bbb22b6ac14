import type { Token } from './scan'

const DEGREE = /^(i|ii|iii|iv|v|vi|vii)$/

/** Chords by their degrees, one after another: “I IV V I V7 I”. */
export function chordsAt(
  tokens: readonly Token[],
  from: number,
): { readonly chords: readonly string[]; readonly next: number } | null {
  const chords: string[] = []
  let at = from
  for (;;) {
    const degree = tokens[at]?.kind === 'word' && DEGREE.test(tokens[at]!.text) ? tokens[at]!.text.toUpperCase() : null
    if (degree === null) break
    at++
    const diminished = tokens[at]?.text === '°'
    if (diminished) at++
    const seventh = tokens[at]?.text === '7'
    if (seventh) at++
    chords.push(`${degree}${diminished ? '°' : ''}${seventh ? '7' : ''}`)
  }
  return chords.length > 0 ? { chords, next: at } : null
}
