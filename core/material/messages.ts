import { type Message, named, type NoteParam, refusal, teller } from '../message'
import type { Kind, KindId } from './kind'

/** Kinds by their names, alone and on a tonic. */
export type MaterialMessages = { readonly [K in KindId | 'pitches' as `kind.${K}`]: null } & {
  /** The form of a minor scale without saying minor. */
  readonly [K in 'natural-minor' | 'harmonic-minor' | 'melodic-minor' | 'melodic-minor-jazz' as `form.${K}`]: null
} & {
  /** “G♯ harmonic minor”, “C major arpeggio, first inversion”. */
  'key.named': { tonic: NoteParam; kind: Message; inversion: number }
}

/** What is wrong with a material. */
export interface MaterialErrors {
  'kind.unknown': { text: string; known: string }
  inversion: { kind: Message; most: number }
  'tonic.unknown': { text: string }
  /** It would need triple signs; `twin` names the same keys, or is none. */
  'tonic.unusual': { key: Message; twin: Message | 'none' }
}
export const tellMaterial = teller<MaterialMessages>()
export const refuseMaterial = refusal<MaterialErrors>()

/** A kind on a tonic: “C major arpeggio, first inversion”. */
export const keyNamed = ({
  tonic,
  kind,
  inversion = 0,
}: {
  tonic: string
  kind: Kind['id']
  inversion?: number
}): Message => tellMaterial('key.named', { tonic: named(tonic), kind: kindNamed({ id: kind }), inversion })

/** A kind by its name. */
export const kindNamed = ({ id }: Pick<Kind, 'id'>): Message => tellMaterial(`kind.${id}`)
