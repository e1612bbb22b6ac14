import { type Message, named } from '../message'
import { type Note, noteName, pitchClass } from '../pitch'
import type { Material } from './material'
import { materialMessage } from './messages'

const LETTERS = ['C', 'D', 'E', 'F', 'G', 'A', 'B'] as const

/** The same key under the name of a letter as it is. */
function plainName(note: Note): string | null {
  const letter = LETTERS.find((each) => pitchClass({ letter: each, alteration: 0 }) === pitchClass(note))
  return letter ?? null
}

/**
 * Why a note has a double sharp or flat and not the name of its plain neighbour: a scale has each letter once, a chord is
 * spelled in thirds (common practice). Nothing where no note has one.
 */
export function doubleSignMessages({ kind, up, down }: Material): Message[] {
  const letters = (notes: readonly Note[]): number => new Set(notes.map(({ letter }) => letter)).size
  if (letters(up) !== up.length || letters(down) !== down.length) return []
  const doubled = [...up, ...down].filter(({ alteration }) => Math.abs(alteration) === 2)
  const names = [...new Map(doubled.map((note) => [noteName(note), note])).values()]
  const of = kind.family === 'arpeggio' || kind.family === 'seventh' ? 'chord' : 'scale'
  return names.flatMap((note) => {
    const plain = plainName(note)
    return plain ? [materialMessage('spelling.double', { note: named(noteName(note)), plain: named(plain), of })] : []
  })
}
