import { KINDS } from './kind'
import type { KindId } from './kinds'
import type { NamedMaterial } from './material'

/** Scales that are played over a chord, on its root, the usual one first; none for what is no chord. */
export const scalesOver = ({ tonic, kind }: NamedMaterial): NamedMaterial[] =>
  (KINDS[kind].scales ?? []).map((scale) => ({ tonic, kind: scale as KindId }))
