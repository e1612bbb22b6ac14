import { type Message, named } from '../message'
import { modulo, type Note, noteAbove, noteName, pitchClass } from '../pitch'
import type { Material } from './material'
import { materialMessage } from './messages'

/** The same key by the name of the letter next to it: G of F double sharp, F sharp of E double sharp. */
function plainName(note: Note): string {
  const up = note.alteration > 0
  const steps = up ? 1 : 6
  const beside = noteAbove({ ...note, alteration: 0 }, { steps, semitones: 0 })
  const alteration = modulo(pitchClass(note) - pitchClass({ ...beside, alteration: 0 }) + 6, 12) - 6
  return noteName({ ...beside, alteration })
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
  return names.map((note) =>
    materialMessage('spelling.double', { note: named(noteName(note)), plain: named(plainName(note)), of }),
  )
}
