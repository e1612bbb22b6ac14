import type { Letter, Note } from './note'

const SHARPS: readonly Letter[] = ['F', 'C', 'G', 'D', 'A', 'E', 'B']
const PLACE: Record<Letter, number> = { F: -1, C: 0, G: 1, D: 2, A: 3, E: 4, B: 5 }

/** Place of a note on the line of fifths, C = 0, G = 1, F = -1, F# = 6. */
export const fifthsOf = (note: Note): number => PLACE[note.letter] + 7 * note.alteration

/** Letters that a signature of `fifths` sharps (or, below zero, flats) alters, in their printed order. */
export function signatureLetters(fifths: number): readonly Letter[] {
  return fifths >= 0 ? SHARPS.slice(0, fifths) : [...SHARPS].reverse().slice(0, -fifths)
}

/** Alteration that the signature gives a letter: -1, 0 or 1. */
export function signatureAlteration(fifths: number, letter: Letter): number {
  return signatureLetters(fifths).includes(letter) ? Math.sign(fifths) : 0
}
