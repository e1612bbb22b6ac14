/**
 * The register of kinds. A kind is a base (a row of intervals with all that is known of it) or a base in a treatment
 * (double notes, chains of chords, a cadence). A new base is an entry here, and its name in `words/<language>/kinds.ts`.
 */
import type { Base } from './base'
import { CHORDS } from './chords'
import { MINOR_MODES, MODES } from './modes'
import { OTHER_SCALES } from './otherScales'
import { POSITIONS } from './positions'
import { SCALES } from './scales'
import { TREATMENT_IDS, type TreatmentId, TREATMENTS } from './treatment'

export { type Base } from './base'
export { FAMILIES, type Family, type Form, FORMS, QUALITIES, type Quality, type Texture, type Traits } from './traits'
export { type TreatmentId, TREATMENTS } from './treatment'

const ENTRIES = { ...SCALES, ...MODES, ...MINOR_MODES, ...OTHER_SCALES, ...POSITIONS, ...CHORDS } as const
type Entries = typeof ENTRIES
export type BaseId = keyof Entries

type TreatedId<B extends BaseId> = {
  [T in keyof Entries[B]['takes']]: Entries[B]['takes'][T]
}[keyof Entries[B]['takes']]
type IdIn<T> = T extends { readonly id: infer I extends string } ? I : never

/** Every kind by its name on disk. */
export type KindId = BaseId | { [B in BaseId]: IdIn<TreatedId<B>> }[BaseId]

export const BASES: Readonly<Record<BaseId, Base>> = ENTRIES
export const BASE_IDS = Object.keys(ENTRIES) as readonly BaseId[]

/** What a kind is made of. */
export interface Making {
  readonly base: BaseId
  /** Null for the base as it is. */
  readonly treatment: TreatmentId | null
  readonly memory: number
  /** As it is written in a call. */
  readonly written: string
}

const madeOf = (id: BaseId, treatment: TreatmentId): [string, Making][] => {
  const base = BASES[id]
  const treated = base.takes[treatment]
  if (!treated) return []
  const { memory, written } = TREATMENTS[treatment]
  const own = treated.memory ?? memory(base.memory)
  return [[treated.id, { base: id, treatment, memory: own, written: written(base.written) }]]
}

/** Every kind and what it is made of: bases as they are, then by treatment. */
export const MAKINGS = Object.fromEntries([
  ...BASE_IDS.map((id): [string, Making] => {
    const { memory, written } = BASES[id]
    return [id, { base: id, treatment: null, memory, written }]
  }),
  ...TREATMENT_IDS.flatMap((treatment) => BASE_IDS.flatMap((id) => madeOf(id, treatment))),
]) as Readonly<Record<KindId, Making>>

/** Kinds in their order: bases as they are, then by treatment. */
export const KIND_IDS = Object.keys(MAKINGS) as readonly KindId[]

/** The kind that a base makes in a treatment; null where there is none. */
export const treatedAs = (base: BaseId, treatment: TreatmentId): KindId | null =>
  (BASES[base].takes[treatment]?.id as KindId | undefined) ?? null
