import { LETTERS, letterIndex, midiOf, modulo, type Note, type Pitch, pitchClass } from './note'

/** A spelled interval upward: `steps` in letters (a third is 2), `semitones` on the keys. */
export interface Interval {
  readonly steps: number
  readonly semitones: number
}

const nearest = (semitones: number): number => modulo(semitones + 6, 12) - 6

/** The note an interval above `note`; the letter comes from the steps, the alteration makes up the semitones. */
export function noteAbove(note: Note, interval: Interval): Note {
  const letter = LETTERS[modulo(letterIndex(note.letter) + interval.steps, 7)]!
  const plain = pitchClass({ letter, alteration: 0 })
  return { letter, alteration: nearest(pitchClass(note) + interval.semitones - plain) }
}

/** The pitch an interval above `pitch`; negative intervals go down. */
export function pitchAbove(pitch: Pitch, interval: Interval): Pitch {
  const place = letterIndex(pitch.letter) + interval.steps
  const letter = LETTERS[modulo(place, 7)]!
  const octave = pitch.octave + Math.floor(place / 7)
  const plain = midiOf({ letter, alteration: 0, octave })
  return { letter, octave, alteration: midiOf(pitch) + interval.semitones - plain }
}

/** The spelled interval from one pitch to another; negative where it goes down. */
export const intervalTo = (from: Pitch, to: Pitch): Interval => ({
  steps: letterIndex(to.letter) + 7 * to.octave - letterIndex(from.letter) - 7 * from.octave,
  semitones: midiOf(to) - midiOf(from),
})
