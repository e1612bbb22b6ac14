import type { Interval } from '../pitch'

/** Rooms of the house of material, as a teacher would file them. */
export const FAMILIES = [
  'scale',
  'mode',
  'other-scale',
  'position',
  'arpeggio',
  'seventh',
  'double-notes',
  'chain',
  'cadence',
] as const
export type Family = (typeof FAMILIES)[number] | 'free'

/**
 * How the degrees become a line: a run through the octaves; a position of the hand; tetrachords shared between the
 * hands; chords of the key broken one after another; block chords; or pitches as they were given.
 */
export type Texture = 'run' | 'position' | 'tetrachords' | 'chain' | 'cadence' | 'free'

/** What a double note adds to each note of the run: another degree, or a fixed interval. */
export type Second = { readonly degrees: number } | Interval

/** What is played on each degree, upward from the tonic, and on the way down where that differs. */
export interface Kind {
  readonly id: KindId | 'pitches'
  readonly family: Family
  readonly texture: Texture
  /** Quality of the third; null where the material has no major or minor side. */
  readonly mode: 'major' | 'minor' | null
  /** Fifths from the tonic's major signature to this kind's own; null where it is written without one. */
  readonly signature: number | null
  /** `degrees`: as the intervals say; `plain`: sharps going up, flats going down. */
  readonly spelling: 'degrees' | 'plain'
  readonly up: readonly Interval[]
  readonly down: readonly Interval[]
  readonly second?: Second
  /** Notes of each chord of a chain. */
  readonly chord?: 3 | 4
  /** Its chords are one chord's inversions in turn, in close position. */
  readonly inverts?: true
}

export const KIND_IDS = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'melodic-minor-jazz',
  'ionian',
  'dorian',
  'phrygian',
  'lydian',
  'mixolydian',
  'aeolian',
  'locrian',
  'major-pentatonic',
  'minor-pentatonic',
  'blues',
  'whole-tone',
  'chromatic',
  'octatonic-half-whole',
  'octatonic-whole-half',
  'five-finger-major',
  'five-finger-minor',
  'tetrachords-major',
  'major-arpeggio',
  'minor-arpeggio',
  'diminished-arpeggio',
  'augmented-arpeggio',
  'dominant-seventh-arpeggio',
  'diminished-seventh-arpeggio',
  'major-seventh-arpeggio',
  'minor-seventh-arpeggio',
  'half-diminished-seventh-arpeggio',
  'double-thirds-major',
  'double-thirds-natural-minor',
  'double-thirds-harmonic-minor',
  'double-thirds-melodic-minor',
  'double-thirds-chromatic-minor',
  'double-sixths-major',
  'double-sixths-natural-minor',
  'double-sixths-harmonic-minor',
  'double-sixths-melodic-minor',
  'double-octaves-major',
  'double-octaves-natural-minor',
  'double-octaves-harmonic-minor',
  'double-octaves-melodic-minor',
  'double-octaves-chromatic',
  'diatonic-triads-major',
  'diatonic-triads-natural-minor',
  'diatonic-triads-harmonic-minor',
  'diatonic-triads-melodic-minor-jazz',
  'diatonic-sevenths-major',
  'diatonic-sevenths-natural-minor',
  'diatonic-sevenths-harmonic-minor',
  'diatonic-sevenths-melodic-minor-jazz',
  'broken-chord-major',
  'broken-chord-minor',
  'broken-chord-dominant-seventh',
  'broken-chord-diminished-seventh',
  'cadence-major',
  'cadence-minor',
] as const
export type KindId = (typeof KIND_IDS)[number]
