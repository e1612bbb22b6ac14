import { keyNamed, materialOf, type NamedMaterial } from '../material'
import { type Message, named } from '../message'
import { modulo, type Note, noteName } from '../pitch'
import { MAX_KEYS, type Motif, type MotifItem } from '../study'
import { type CalledKey, keysAt } from './keysCalled'
import { callMessage } from './messages'
import { motifAt, motifOf } from './motifCalled'
import { noteNameAt } from './noteNames'
import { scan, type Token } from './scan'

/** A motif that was typed, with the degrees from group to group where bars part it; or why it is none. */
export type TypedMotif = { readonly motif: Motif; readonly step: number | null } | { readonly fault: Message }

const BETWEEN = [',', '|', ';']

/** Names of notes in a row, with the octave where one is given; bars part groups. Null where something else stands. */
function namesIn(tokens: readonly Token[]): { note: Note; octave: number | null }[][] | null {
  const groups: { note: Note; octave: number | null }[][] = [[]]
  for (let at = 0; at < tokens.length;) {
    if (BETWEEN.includes(tokens[at]!.text)) {
      if (tokens[at]!.text === '|' && groups.at(-1)!.length > 0) groups.push([])
      at++
      continue
    }
    const found = noteNameAt(tokens, at, false)
    if (!found) return null
    const digit = tokens[found.next]
    const octave = digit?.kind === 'number' ? Number(digit.text) : null
    groups.at(-1)!.push({ note: found.note, octave })
    at = octave === null ? found.next : found.next + 1
  }
  return groups.filter((group) => group.length > 0)
}

/** Keys as a teacher types them, each with a kind where it has its own; null where something else stands, or nothing. */
export function typedKeys(text: string): readonly CalledKey[] | null {
  const tokens = scan(text)
  const found = keysAt(tokens, 0, false)
  return found && found.next === tokens.length && found.keys.length <= MAX_KEYS ? found.keys : null
}

/** The degree of a note over another's: where it says its octave, else as near as it can be. */
function degreeAfter(before: number | null, place: number, octave: number | null, degrees: number): number {
  if (octave !== null) return place + degrees * octave
  if (before === null) return place
  const up = modulo(place - before, degrees)
  return up <= degrees / 2 ? before + up : before + up - degrees
}

/** Names as degrees of a key. */
function degreesOf(
  names: readonly (readonly { note: Note; octave: number | null }[])[],
  key: NamedMaterial,
): TypedMotif {
  const { up } = materialOf(key)
  const groups: MotifItem[][] = []
  let before: number | null = null
  let lowest: number | null = null
  for (const group of names) {
    const own: number[] = []
    for (const { note, octave } of group) {
      const place = up.findIndex((each) => noteName(each) === noteName(note))
      if (place < 0) {
        return { fault: callMessage('motif.outside', { note: named(noteName(note)), key: keyNamed(key) }) }
      }
      // octaves count from the first that is named
      if (octave !== null) lowest ??= octave
      before = degreeAfter(before, place, octave === null ? null : octave - lowest!, up.length)
      own.push(before + 1)
    }
    groups.push(own)
  }
  return motifOf(groups)
}

/**
 * A motif as a teacher types it: degrees in figures (“1 4 2 3”, “135 3”, “1 3 5 3 | 2 4 6 4”), or names of notes of the
 * key, which become degrees. What is not in the key cannot move through it, and it is said why.
 */
export function typedMotif(text: string, key: NamedMaterial): TypedMotif {
  const tokens = scan(text)
  if (tokens.length === 0) return { fault: callMessage('motif.empty') }
  const figures = motifAt(tokens, 0)
  if (figures && figures.next === tokens.length) return { motif: figures.motif, step: figures.step }
  const names = namesIn(tokens)
  if (names && names.length > 0) return degreesOf(names, key)
  const wrong = tokens[figures?.next ?? 0]!
  return { fault: callMessage('motif.unread', { text: wrong.typed.slice(0, 20) }) }
}
