import { KIND_IDS, MAKINGS, type NamedMaterial } from '../material'
import { noteName } from '../pitch'
import { noteNameAt } from './noteNames'
import { scan, type Token } from './scan'

/** A key of a list: a tonic alone, or with a kind of its own. */
export type CalledKey = string | NamedMaterial

/** Kinds as they are written, word by word, the longest first. */
const KINDS_WRITTEN = KIND_IDS.map((id) => ({ id, words: scan(MAKINGS[id].written).map(({ text }) => text) })).sort(
  (a, b) => b.words.length - a.words.length,
)
const BETWEEN = [',', 'and', '&', 'y', 'und', 'then']

/** “B system” is how buttons lie, and no key. */
const SYSTEM = /^(system|sistema)$/

/** Keys one after another: “C, E flat, A harmonic minor”. */
export function keysAt(
  tokens: readonly Token[],
  from: number,
  german: boolean,
): { readonly keys: readonly CalledKey[]; readonly next: number } | null {
  const keys: CalledKey[] = []
  let [at, end] = [from, from]
  for (;;) {
    const found = noteNameAt(tokens, at, german)
    if (!found || SYSTEM.test(tokens[found.next]?.text ?? '')) break
    const tonic = noteName(found.note)
    const kind = KINDS_WRITTEN.find(({ words }) => words.every((word, by) => tokens[found.next + by]?.text === word))
    keys.push(kind ? { tonic, kind: kind.id } : tonic)
    at = end = found.next + (kind?.words.length ?? 0)
    while (BETWEEN.includes(tokens[at]?.text ?? '')) at++
  }
  return keys.length > 0 ? { keys, next: end } : null
}
