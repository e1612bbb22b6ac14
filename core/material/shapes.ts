import type { Interval } from '../pitch'
import type { Kind, KindId } from './kind'

/** What a shape tells of a kind; the rest has defaults. */
type Shape = Pick<Kind, 'family' | 'mode' | 'signature' | 'up'> & Partial<Kind>
type Shapes = Partial<Record<KindId, Shape>>

/** Intervals over the tonic; letters go up one by one unless `steps` says otherwise. */
const degrees = (semitones: readonly number[], steps?: readonly number[]): Interval[] =>
  semitones.map((value, index) => ({ steps: steps?.[index] ?? index, semitones: value }))

const NATURAL = degrees([0, 2, 3, 5, 7, 8, 10])
const TRIAD = [0, 2, 4]
const SEVENTH = [0, 2, 4, 6]
const MAJOR = 0
const MINOR = -3

const scale = (mode: Kind['mode'], up: readonly Interval[], down = up): Shape => ({
  family: 'scale',
  mode,
  signature: mode === 'minor' ? MINOR : MAJOR,
  up,
  down,
})

/** A mode carries the signature of its parent scale; `signature` counts fifths from the tonic's major. */
const mode = (third: Kind['mode'], signature: number, semitones: readonly number[]): Shape => ({
  family: 'mode',
  mode: third,
  signature,
  up: degrees(semitones),
})

const other = (third: Kind['mode'], signature: number | null, up: readonly Interval[]): Shape => ({
  family: 'other-scale',
  mode: third,
  signature,
  up,
})

/** Scales, modes and positions of the hand; common practice. The blues scale has a raised fourth. */
export const SCALE_SHAPES: Shapes = {
  major: scale('major', degrees([0, 2, 4, 5, 7, 9, 11])),
  'natural-minor': scale('minor', NATURAL),
  'harmonic-minor': scale('minor', degrees([0, 2, 3, 5, 7, 8, 11])),
  'melodic-minor': scale('minor', degrees([0, 2, 3, 5, 7, 9, 11]), NATURAL),
  'melodic-minor-jazz': scale('minor', degrees([0, 2, 3, 5, 7, 9, 11])),
  ionian: mode('major', 0, [0, 2, 4, 5, 7, 9, 11]),
  dorian: mode('minor', -2, [0, 2, 3, 5, 7, 9, 10]),
  phrygian: mode('minor', -4, [0, 1, 3, 5, 7, 8, 10]),
  lydian: mode('major', 1, [0, 2, 4, 6, 7, 9, 11]),
  mixolydian: mode('major', -1, [0, 2, 4, 5, 7, 9, 10]),
  aeolian: mode('minor', -3, [0, 2, 3, 5, 7, 8, 10]),
  locrian: mode('minor', -5, [0, 1, 3, 5, 6, 8, 10]),
  'major-pentatonic': other('major', MAJOR, degrees([0, 2, 4, 7, 9], [0, 1, 2, 4, 5])),
  'minor-pentatonic': other('minor', MINOR, degrees([0, 3, 5, 7, 10], [0, 2, 3, 4, 6])),
  blues: other('minor', MINOR, degrees([0, 3, 5, 6, 7, 10], [0, 2, 3, 3, 4, 6])),
  'whole-tone': other(null, null, degrees([0, 2, 4, 6, 8, 10])),
  chromatic: {
    ...other(null, null, degrees([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11])),
    spelling: 'plain',
  },
  'octatonic-half-whole': other(null, null, degrees([0, 1, 3, 4, 6, 7, 9, 10], [0, 1, 2, 2, 3, 4, 5, 6])),
  'octatonic-whole-half': other(null, null, degrees([0, 2, 3, 5, 6, 8, 9, 11], [0, 1, 2, 3, 4, 5, 5, 6])),
  'five-finger-major': {
    ...scale('major', degrees([0, 2, 4, 5, 7])),
    family: 'position',
    texture: 'position',
  },
  'five-finger-minor': {
    ...scale('minor', degrees([0, 2, 3, 5, 7])),
    family: 'position',
    texture: 'position',
  },
  'tetrachords-major': {
    ...scale('major', degrees([0, 2, 4, 5, 7, 9, 11])),
    family: 'position',
    texture: 'tetrachords',
  },
}

const chord = (third: Kind['mode'], signature: number | null, semitones: readonly number[]): Shape => ({
  family: semitones.length === 3 ? 'arpeggio' : 'seventh',
  mode: third,
  signature,
  up: degrees(semitones, semitones.length === 3 ? TRIAD : SEVENTH),
})

/** Major and minor triads. */
export const CHORD_SHAPES: Shapes = {
  'major-arpeggio': chord('major', MAJOR, [0, 4, 7]),
  'minor-arpeggio': chord('minor', MINOR, [0, 3, 7]),
}

/**
 * Further chords. A chord that belongs to one key carries that key's signature (a dominant seventh that of the key it
 * leads to, a half-diminished seventh that of the major key whose seventh degree it stands on); chords of equal steps
 * carry none. Common practice; books differ.
 */
export const CHORDS_MORE: Shapes = {
  'diminished-arpeggio': chord('minor', null, [0, 3, 6]),
  'augmented-arpeggio': chord('major', null, [0, 4, 8]),
  'dominant-seventh-arpeggio': chord('major', -1, [0, 4, 7, 10]),
  'diminished-seventh-arpeggio': chord('minor', null, [0, 3, 6, 9]),
  'major-seventh-arpeggio': chord('major', MAJOR, [0, 4, 7, 11]),
  'minor-seventh-arpeggio': chord('minor', MINOR, [0, 3, 7, 10]),
  'half-diminished-seventh-arpeggio': chord('minor', -5, [0, 3, 6, 10]),
}
