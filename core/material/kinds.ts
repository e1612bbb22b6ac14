import type { Interval } from '../pitch'

/** What is played on each degree, upward from the tonic, and on the way down where that differs. */
export interface Kind {
  readonly id: KindId
  /** As it stands in a sentence after the tonic: “G♯ harmonic minor”. */
  readonly words: string
  readonly family: 'scale' | 'arpeggio'
  readonly mode: 'major' | 'minor'
  readonly up: readonly Interval[]
  readonly down: readonly Interval[]
}

export const KIND_IDS = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'major-arpeggio',
  'minor-arpeggio',
] as const
export type KindId = (typeof KIND_IDS)[number]

const degrees = (semitones: readonly number[], steps?: readonly number[]): Interval[] =>
  semitones.map((value, index) => ({ steps: steps?.[index] ?? index, semitones: value }))

const MAJOR = degrees([0, 2, 4, 5, 7, 9, 11])
const NATURAL = degrees([0, 2, 3, 5, 7, 8, 10])
const HARMONIC = degrees([0, 2, 3, 5, 7, 8, 11])
const MELODIC = degrees([0, 2, 3, 5, 7, 9, 11])
const TRIAD = [0, 2, 4]

const kind = (
  id: KindId,
  words: string,
  family: Kind['family'],
  mode: Kind['mode'],
  up: readonly Interval[],
  down = up,
): Kind => ({ id, words, family, mode, up, down })

/** Scale and arpeggio forms as intervals over the tonic; common practice. */
export const KINDS: Readonly<Record<KindId, Kind>> = {
  major: kind('major', 'major', 'scale', 'major', MAJOR),
  'natural-minor': kind('natural-minor', 'natural minor', 'scale', 'minor', NATURAL),
  'harmonic-minor': kind('harmonic-minor', 'harmonic minor', 'scale', 'minor', HARMONIC),
  'melodic-minor': kind('melodic-minor', 'melodic minor', 'scale', 'minor', MELODIC, NATURAL),
  'major-arpeggio': kind('major-arpeggio', 'major arpeggio', 'arpeggio', 'major', degrees([0, 4, 7], TRIAD)),
  'minor-arpeggio': kind('minor-arpeggio', 'minor arpeggio', 'arpeggio', 'minor', degrees([0, 3, 7], TRIAD)),
}
