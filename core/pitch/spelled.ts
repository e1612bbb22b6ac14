import { LETTERS, modulo, type Note, pitchName } from './note'

/** Letters along the line of fifths from F. */
const LINE = ['F', 'C', 'G', 'D', 'A', 'E', 'B'] as const
/**
 * How far flatwards from its signature a key spells: a major its flat second and its sharp fourth, a minor its raised
 * sixth and seventh.
 */
const FLATWARDS = { major: 5, minor: 2 } as const

/** The note of a pitch class as a key with so many sharps (or, below zero, flats) would write it. */
function noteIn(pitchClass: number, fifths: number, minor: boolean): Note {
  const lowest = fifths - FLATWARDS[minor ? 'minor' : 'major']
  // a fifth is seven semitones: the place on the line of fifths within twelve of the lowest
  const place = lowest + modulo(7 * pitchClass - lowest, 12)
  const letter = LINE[modulo(place + 1, 7)]!
  return { letter, alteration: Math.floor((place + 1) / 7) }
}

/** A MIDI number spelled in a key, `F#4`. */
export function spelled(midi: number, fifths: number, minor: boolean): string {
  const note = noteIn(modulo(midi, 12), fifths, minor)
  const natural = [0, 2, 4, 5, 7, 9, 11][LETTERS.indexOf(note.letter)]!
  const octave = Math.round((midi - natural - note.alteration) / 12) - 1
  return pitchName({ ...note, octave })
}
