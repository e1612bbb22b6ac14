import type { Interval } from '../../pitch'

/** Drawers of the cabinet of material, as a teacher would file it. */
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

export const FORMS = ['natural', 'harmonic', 'melodic', 'jazz'] as const
/** A form of the minor scale. */
export type Form = (typeof FORMS)[number]

export const QUALITIES = ['major', 'minor', 'diminished', 'augmented', 'dominant', 'half-diminished'] as const
/** What a chord is called by. */
export type Quality = (typeof QUALITIES)[number]

/** Everything about a kind but its name. */
export interface Traits {
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
  readonly form: Form | null
  readonly quality: Quality | null
  /** The scale whose notes it shares, and on which of its degrees it stands, from 1; null where it stands for itself. */
  readonly modeOf: { readonly base: string; readonly degree: number } | null
  /** Where it may begin: on its tonic, on any note of its chord, or on any key alike. */
  readonly starts: 'tonic' | 'chord-notes' | 'anywhere'
  /** On which degree of a key it stands when it is named by that key; null where it is named by its own root. */
  readonly ofKey: Interval | null
  /** How much harder than a major scale it is to keep in mind, to 10 (ours). */
  readonly memory: number
  /** Bases that are played as scales over this chord, the usual one first. */
  readonly scales?: readonly string[]
  /** What a double note adds. */
  readonly second?: Second
  /** Notes of each chord of a chain. */
  readonly chord?: 3 | 4
  /** Its chords are one chord's inversions in turn, in close position. */
  readonly inverts?: true
}
