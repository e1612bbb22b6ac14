import { pitchError } from './messages'

/** The seven letters in order from C, as the staff counts them. */
export const LETTERS = ['C', 'D', 'E', 'F', 'G', 'A', 'B'] as const
export type Letter = (typeof LETTERS)[number]

/** A spelled pitch class: letter and alteration in semitones (-2 double flat … 2 double sharp). */
export interface Note {
  readonly letter: Letter
  readonly alteration: number
}

/** A spelled pitch. `octave` is scientific and belongs to the letter: C4 is middle C, and so is B#3. */
export interface Pitch extends Note {
  readonly octave: number
}

const SEMITONES: Record<Letter, number> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 }
const NOTE = /^([A-G])(#{1,3}|b{1,3})?$/
const PITCH = /^([A-G](?:#{1,3}|b{1,3})?)(-?\d)$/

export const modulo = (value: number, by: number): number => ((value % by) + by) % by

/** Place of a letter on the staff within the octave, C = 0 … B = 6. */
export const letterIndex = (letter: Letter): number => LETTERS.indexOf(letter)

/**
 * Reads a note name such as `C`, `F#`, `Bb`, `F##`.
 * @throws DomainError `note.unknown` naming `path`
 */
export function parseNote(text: string, path = 'note'): Note {
  const found = typeof text === 'string' ? NOTE.exec(text.trim()) : null
  if (!found) throw pitchError('note.unknown', { text: String(text).slice(0, 20) }, path)
  const accidental = found[2] ?? ''
  return {
    letter: found[1] as Letter,
    alteration: accidental.startsWith('b') ? -accidental.length : accidental.length,
  }
}

/**
 * Reads a pitch such as `F##4` (scientific octave, C4 = MIDI 60).
 * @throws DomainError `pitch.unknown` naming `path`
 */
export function parsePitch(text: string, path = 'pitch'): Pitch {
  const found = PITCH.exec(text.trim())
  if (!found) throw pitchError('pitch.unknown', { text: text.slice(0, 20), why: 'unread' }, path)
  return { ...parseNote(found[1]!, path), octave: Number(found[2]) }
}

const accidental = (alteration: number, sharp: string, flat: string): string =>
  (alteration < 0 ? flat : sharp).repeat(Math.abs(alteration))

/** ASCII name, as the terminal writes it: `F##`, `Bb`. */
export const noteName = (note: Note): string => note.letter + accidental(note.alteration, '#', 'b')

/** ASCII name with its octave: `F##4`. */
export const pitchName = (pitch: Pitch): string => noteName(pitch) + pitch.octave

/** Printed name with signs that text faces carry: `F×` for F double sharp, `B♭`, `B♭♭`. */
export const printedName = (note: Note): string => {
  const { letter, alteration } = note
  return alteration === 2 ? `${letter}×` : letter + accidental(alteration, '♯', '♭')
}

/** Semitones above C, 0 … 11, whatever the spelling. */
export const pitchClass = (note: Note): number => modulo(SEMITONES[note.letter] + note.alteration, 12)

/** MIDI number, C4 = 60. */
export const midiOf = (pitch: Pitch): number => 12 * (pitch.octave + 1) + SEMITONES[pitch.letter] + pitch.alteration

/** Place on the staff counted in letters, C0 = 0; a step up is one more, whatever the alteration. */
export const staffPlace = (pitch: Pitch): number => 7 * pitch.octave + letterIndex(pitch.letter)
