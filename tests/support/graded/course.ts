import type { RecipeInput } from '#core/instrument'
import { across, both, fingered as study, inverted, type Rule, two, twoBoth } from './rule'

/** A course from the first lessons to a diploma, level by level: a composite, no board's list. */
export const COURSE: readonly (readonly RecipeInput[])[] = [
  [
    study('C', 'five-finger-major'),
    study('G', 'five-finger-major', { hands: 'left' }),
    study('D', 'five-finger-minor'),
    study('C', 'major'),
  ],
  [
    study('G', 'major'),
    study('D', 'major', { hands: 'left' }),
    study('F', 'major'),
    study('A', 'natural-minor'),
    study('C', 'major', { ...both, motion: 'contrary' }),
    study('C', 'major-arpeggio'),
  ],
  [
    study('A', 'major', two),
    study('C', 'major', both),
    study('D', 'harmonic-minor', { hands: 'left' }),
    study('D', 'chromatic'),
    study('G', 'major-arpeggio', { hands: 'left' }),
    study('E', 'major', { ...both, motion: 'contrary' }),
  ],
  [
    study('G', 'major', twoBoth),
    study('Bb', 'major', { hands: 'left', ...two }),
    study('C', 'harmonic-minor', two),
    study('A', 'minor-arpeggio', two),
    study('E', 'major', { ...twoBoth, motion: 'contrary' }),
    study('A', 'harmonic-minor', both),
  ],
  [
    study('A', 'major', twoBoth),
    study('F', 'major', twoBoth),
    study('E', 'harmonic-minor', twoBoth),
    study('A', 'chromatic', both),
    study('C', 'minor-arpeggio', { hands: 'left', ...two }),
    study('D', 'melodic-minor', two),
  ],
  [
    study('B', 'major', twoBoth),
    study('Ab', 'major', twoBoth),
    study('F#', 'harmonic-minor', twoBoth),
    study('D', 'chromatic', twoBoth),
    study('B', 'diminished-seventh-arpeggio', two),
    study('G', 'melodic-minor', twoBoth),
  ],
  [
    study('Ab', 'major', { ...both, octaves: 3 }),
    study('C#', 'melodic-minor', { ...both, octaves: 3 }),
    study('D', 'major', { ...twoBoth, articulation: 'staccato' }),
    study('F', 'dominant-seventh-arpeggio', { octaves: 3 }),
    study('G', 'major-arpeggio', { ...both, octaves: 3 }),
    study('C', 'double-thirds-major'),
  ],
  [
    study('F#', 'major', { ...both, octaves: 4 }),
    study('Bb', 'melodic-minor', { ...both, octaves: 4 }),
    study('Eb', 'major', { ...both, octaves: 3, interval: 'third' }),
    study('D', 'dominant-seventh-arpeggio', { ...both, octaves: 3 }),
    inverted('A', 'major-arpeggio', 1, { ...both, octaves: 3 }),
    study('G', 'chromatic', { ...both, octaves: 4 }),
  ],
  [
    study('Bb', 'major', { ...both, octaves: 4, interval: 'third' }),
    study('C#', 'melodic-minor', { ...both, octaves: 4, interval: 'sixth' }),
    study('G', 'double-thirds-major', two),
    study('Eb', 'diminished-seventh-arpeggio', { ...both, octaves: 4 }),
    study('Ab', 'dominant-seventh-arpeggio', { ...both, octaves: 4 }),
  ],
  [
    study('D', 'double-sixths-major', two),
    study('C', 'double-octaves-major', twoBoth),
    study('F#', 'double-thirds-major', twoBoth),
    study('B', 'double-sixths-harmonic-minor', twoBoth),
    study('A', 'double-thirds-chromatic-minor', twoBoth),
  ],
]

/** Two levels apart in the course: what is played at the same notes a minute. */
export const LEVEL_RULES: readonly Rule[] = COURSE.slice(0, -2).map((easier, level) => ({
  says: `level ${level} of a course before level ${level + 2}`,
  pairs: across(easier, COURSE[level + 2]!),
}))
