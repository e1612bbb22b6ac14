import { type Interval, type Letter, letterIndex, LETTERS, modulo, type Note, pitchClass } from '../pitch'

const natural = (letter: Letter): number => pitchClass({ letter, alteration: 0 })

/** Letter steps from a tonic to a pitch class spelled plainly: a natural, else a sharp (or a flat). */
function stepsTo(tonic: Note, semitones: number, sign: 1 | -1): number {
  const sounding = modulo(pitchClass(tonic) + semitones, 12)
  const letter =
    LETTERS.find((each) => natural(each) === sounding) ??
    LETTERS.find((each) => modulo(natural(each) + sign, 12) === sounding)!
  return modulo(letterIndex(letter) - letterIndex(tonic.letter), 7)
}

/** Near the ends a letter may lie on the tonic's own: then the step count says on which side. */
function unwrapped(steps: number, semitones: number): number {
  if (steps === 0 && semitones > 6) return 7
  return steps === 6 && semitones < 3 ? -1 : steps
}

/**
 * The chromatic scale as it is mostly printed, whatever the tonic: naturals and sharps going up, naturals and flats
 * going down (common practice); the tonic keeps its own name.
 */
export function plainChromatic(tonic: Note): Record<'up' | 'down', readonly Interval[]> {
  const way = (sign: 1 | -1): Interval[] =>
    Array.from({ length: 12 }, (_, semitones) => ({
      steps: semitones === 0 ? 0 : unwrapped(stepsTo(tonic, semitones, sign), semitones),
      semitones,
    }))
  return { up: way(1), down: way(-1) }
}
