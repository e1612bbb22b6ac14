import type { Interval } from '../../pitch'
import type { Traits } from './traits'

/** What can be done with a base besides playing it as it is. */
export const TREATMENT_IDS = [
  'thirds',
  'minor-thirds',
  'sixths',
  'octaves',
  'triads',
  'sevenths',
  'broken',
  'cadence',
] as const
export type TreatmentId = (typeof TREATMENT_IDS)[number]

/** How a treatment makes another kind of a base. */
export interface Treatment {
  /** What of the kind is another than the base's. */
  readonly changes: (base: Pick<Traits, 'up' | 'mode'>) => Partial<Traits>
  /** How hard it is to keep in mind, of what the base is (ours). */
  readonly memory: (base: number) => number
  /** As it is written in a call. @param base how the base is written */
  readonly written: (base: string) => string
}

/** A third within a key is two degrees up; a sixth has the tonic on top, so its lower note lies five degrees down. */
const [THIRD, SIXTH_BELOW] = [2, -5]
const MINOR_THIRD: Interval = { steps: 2, semitones: 3 }
/** Fifths from the major signature on the same tonic. */
const SIGNATURES = { major: 0, minor: -3 } as const

const same = (base: number): number => base
const nothing = (): number => 0

/** A chord's own word, where what is broken is a chord: “dominant seventh arpeggio” is a dominant broken chord. */
const chordOf = (written: string): string => written.replace(/( seventh)? arpeggio$/, '')

export const TREATMENTS: Readonly<Record<TreatmentId, Treatment>> = {
  thirds: {
    changes: () => ({ family: 'double-notes', second: { degrees: THIRD } }),
    memory: same,
    written: (base) => `${base} in double thirds`,
  },
  'minor-thirds': {
    changes: () => ({ family: 'double-notes', second: MINOR_THIRD }),
    memory: nothing,
    written: (base) => `${base} in double minor thirds`,
  },
  sixths: {
    changes: () => ({ family: 'double-notes', second: { degrees: SIXTH_BELOW } }),
    memory: same,
    written: (base) => `${base} in double sixths`,
  },
  octaves: {
    changes: ({ up }) => ({ family: 'double-notes', second: { degrees: up.length } }),
    memory: same,
    written: (base) => `${base} in double octaves`,
  },
  triads: {
    changes: () => ({ family: 'chain', texture: 'chain', chord: 3 }),
    memory: same,
    written: (base) => `${base} in diatonic triads`,
  },
  sevenths: {
    changes: () => ({ family: 'chain', texture: 'chain', chord: 4 }),
    memory: same,
    written: (base) => `${base} in diatonic sevenths`,
  },
  broken: {
    // in close position, each inversion in turn
    changes: ({ up }) => ({ family: 'chain', texture: 'chain', chord: up.length as 3 | 4, inverts: true }),
    memory: same,
    written: (base) => `${chordOf(base)} broken chord`,
  },
  cadence: {
    changes: ({ mode }) => ({ family: 'cadence', texture: 'cadence', signature: SIGNATURES[mode ?? 'major'] }),
    memory: nothing,
    written: (base) => `${base.split(' ').at(-1)} cadence`,
  },
}
