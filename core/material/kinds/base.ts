import type { Interval } from '../../pitch'
import type { Traits } from './traits'
import type { TreatmentId } from './treatment'

/** Languages in which a kind can be called. */
type CallLanguage = 'en' | 'es' | 'de'

/**
 * How a base is called: by phrases of its own in each language (`a|b` for alternatives, `word?` for what may be left
 * out), or by words that the grammar has for all, such as major, harmonic, seventh.
 */
export type Phrases = Readonly<Record<CallLanguage, readonly string[]>> | 'by-grammar'

/** What a treatment of a base is called on disk, and what of it is not as the treatment has it. */
interface Treated {
  readonly id: string
  /** How hard it is to keep in mind, where that is not as the treatment says. */
  readonly memory?: number
}

/**
 * What a kind is built on: a row of intervals with everything that is known of it. An entry of the register; nothing
 * else says anything of a kind.
 */
export interface Base extends Omit<Traits, 'second' | 'chord' | 'inverts'> {
  readonly phrases: Phrases
  /** As it is written in a call. */
  readonly written: string
  /** What can be done with it. */
  readonly takes: Partial<Readonly<Record<TreatmentId, Treated>>>
}

/** Intervals over the tonic; letters go up one by one unless `steps` says otherwise. */
export const degrees = (semitones: readonly number[], steps?: readonly number[]): readonly Interval[] =>
  semitones.map((value, index) => ({ steps: steps?.[index] ?? index, semitones: value }))

/** The same notes up and down. */
export const bothWays = (row: readonly Interval[]) => ({ up: row, down: row }) as const

/** Fifths from the major signature on the same tonic. */
export const MAJOR_SIGNATURE = 0
export const MINOR_SIGNATURE = -3

/** What most bases have in common. */
export const PLAIN_BASE = {
  texture: 'run',
  spelling: 'degrees',
  form: null,
  quality: null,
  modeOf: null,
  starts: 'tonic',
  ofKey: null,
  phrases: 'by-grammar',
  takes: {},
} as const satisfies Partial<Base>
