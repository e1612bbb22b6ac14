import type { Interval } from '../pitch'
import { type Kind, KIND_IDS, type KindId, type Second } from './kind'
import { CHORD_SHAPES, CHORDS_MORE, SCALE_SHAPES } from './shapes'

type Told = Pick<Kind, 'family' | 'mode' | 'signature' | 'up'> & Partial<Kind>

const kind = (id: KindId, told: Told): Kind => ({ texture: 'run', spelling: 'degrees', down: told.up, ...told, id })

const [MAJOR, MINOR] = [0, -3]
const BASE: Partial<Record<KindId, Told>> = {
  ...SCALE_SHAPES,
  ...CHORD_SHAPES,
}

/** The kinds that double notes and chains are built over. */
const over = (id: KindId): Told => BASE[id]!

const doubled = (base: KindId, second: Second): Told => ({ ...over(base), second, family: 'double-notes' })

const chained = (base: KindId, chord: 3 | 4): Told => ({ ...over(base), chord, family: 'chain', texture: 'chain' })

/** A third within a key is two degrees up; a sixth has the tonic on top, so its lower note lies five degrees down. */
const DISTANCES = { thirds: 2, sixths: -5, octaves: 7 } as const
const FORMS = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'] as const
const CHAIN_FORMS = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor-jazz'] as const
const MINOR_THIRD: Interval = { steps: 2, semitones: 3 }

const DOUBLES = Object.fromEntries(
  (['thirds', 'sixths', 'octaves'] as const).flatMap((distance) =>
    FORMS.map((form) => [`double-${distance}-${form}`, doubled(form, { degrees: DISTANCES[distance] })]),
  ),
) as Partial<Record<KindId, Told>>

const CHAINS = Object.fromEntries(
  CHAIN_FORMS.flatMap((form) => [
    [`diatonic-triads-${form}`, chained(form, 3)],
    [`diatonic-sevenths-${form}`, chained(form, 4)],
  ]),
) as Partial<Record<KindId, Told>>

const CHORDS: Partial<Record<KindId, Told>> = { ...CHORD_SHAPES, ...CHORDS_MORE }

/** A chord broken in close position, each inversion in turn. */
const brokenChord = (base: KindId, chord: 3 | 4): Told => ({
  ...CHORDS[base]!,
  ...{ chord, inverts: true, family: 'chain', texture: 'chain' },
})

const cadence = (base: KindId, mode: 'major' | 'minor'): Told => ({
  ...over(base),
  family: 'cadence',
  texture: 'cadence',
  signature: mode === 'major' ? MAJOR : MINOR,
})

const ALL: Partial<Record<KindId, Told>> = {
  ...BASE,
  ...CHORDS_MORE,
  ...DOUBLES,
  'double-thirds-chromatic-minor': doubled('chromatic', MINOR_THIRD),
  'double-octaves-chromatic': doubled('chromatic', { degrees: 12 }),
  ...CHAINS,
  'broken-chord-major': brokenChord('major-arpeggio', 3),
  'broken-chord-minor': brokenChord('minor-arpeggio', 3),
  'broken-chord-dominant-seventh': brokenChord('dominant-seventh-arpeggio', 4),
  'broken-chord-diminished-seventh': brokenChord('diminished-seventh-arpeggio', 4),
  'cadence-major': cadence('major', 'major'),
  'cadence-minor': cadence('harmonic-minor', 'minor'),
}

/** Every kind by its name; common practice. */
export const KINDS = Object.fromEntries(KIND_IDS.map((id) => [id, kind(id, ALL[id]!)])) as Readonly<
  Record<KindId, Kind>
>

/** Pitches as a teacher listed them: no tonic, no signature. */
export const FREE: Kind = {
  id: 'pitches',
  family: 'free',
  texture: 'free',
  mode: null,
  signature: null,
  spelling: 'degrees',
  up: [],
  down: [],
}

/** Whether a kind is broken chords that can begin on another of its notes. */
export const inversionsOf = (kind: Kind): number =>
  kind.family === 'arpeggio' || kind.family === 'seventh' ? kind.up.length : 1
