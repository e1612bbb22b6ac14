import { BASES, type BaseId, KIND_IDS, type KindId, MAKINGS, type Traits, type TreatmentId, TREATMENTS } from './kinds'

/** What is played on each degree, upward from the tonic, and on the way down where that differs. */
export interface Kind extends Traits {
  readonly id: KindId | 'pitches'
  /** What it is made of; null for pitches as they were given, or for a base as it is. */
  readonly base: BaseId | null
  readonly treatment: TreatmentId | null
}

function kindFor(id: KindId): Kind {
  const { base, treatment, memory } = MAKINGS[id]
  const { phrases: _, written: __, takes: ___, ...traits } = BASES[base]
  const changes = treatment ? TREATMENTS[treatment].changes(traits) : {}
  return { ...traits, ...changes, memory, id, base, treatment }
}

/** Every kind by its name; common practice. */
export const KINDS = Object.fromEntries(KIND_IDS.map((id) => [id, kindFor(id)])) as Readonly<Record<KindId, Kind>>

/** Pitches as a teacher listed them: no tonic, no signature. */
export const FREE: Kind = {
  ...{ id: 'pitches', base: null, treatment: null, family: 'free', texture: 'free', mode: null, signature: null },
  ...{ spelling: 'degrees', up: [], down: [], form: null, quality: null, modeOf: null, starts: 'tonic', ofKey: null },
  memory: 0,
}

/** On how many of its notes a kind can begin. */
export const inversionsOf = ({ starts, treatment, up }: Kind): number =>
  starts === 'chord-notes' && treatment === null ? up.length : 1

/** Natural, harmonic and melodic: the three forms that “the three minors” are. */
export const THREE_MINORS: readonly KindId[] = KIND_IDS.filter((id) => {
  const { family, form } = KINDS[id]
  return family === 'scale' && form !== null && form !== 'jazz'
})

/** Whether a kind is a chord that leads to one key, by whose name it may be called as well. */
export const leadsToKey = ({ ofKey, signature, treatment }: Kind): boolean =>
  ofKey !== null && signature !== null && treatment === null

/** Scales that have the notes of a major scale, on whichever of its degrees. */
export const isDiatonic = ({ base, modeOf, treatment }: Kind): boolean =>
  treatment === null && (base === 'major' || modeOf?.base === 'major')
