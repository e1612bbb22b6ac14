import { type ListParam, type Message, named, type NoteParam, errorMaker, messageMaker } from '../message'
import { type Kind, KINDS } from './kind'
import type { BaseId, Form, KindId, Quality, TreatmentId } from './kinds'

/** Kinds by their names, alone and on a tonic. */
export type MaterialMessages = { readonly [B in BaseId | 'pitches' as `kind.${B}`]: null } & {
  /** “major in double thirds”; in a drawer, which says half of it already, “thirds, major”. */
  readonly [T in TreatmentId as `treated.${T}` | `in-drawer.${T}`]: { base: Message; mode: string }
} & {
  /** The form of a minor scale without saying minor. */
  readonly [F in Form as `form.${F}`]: null
} & {
  /** A chord by its quality alone. */
  readonly [Q in Quality as `quality.${Q}`]: null
} & {
  /** “dominant seventh”, of a dominant seventh arpeggio. */
  'chord.broken': { quality: Quality; seventh: 'yes' | 'no' }

  /** What a key shares with those beside it. */
  'neighbour.relative': { key: Message; degree: number }
  'neighbour.other': {
    by: 'relative' | 'fifth-up' | 'fourth-up' | 'parallel'
    key: Message
    changes: ListParam
    signs: Message
  }
  'neighbour.degree': { degree: number; note: NoteParam; way: 'raised' | 'lowered' }
  'neighbour.signs': { of: 'flat' | 'sharp'; how: 'more' | 'fewer'; count: number }
  'neighbour.steps': { steps: ListParam }
  'neighbour.step': { semitones: number }

  /** Why a double sharp or flat, and not its plain neighbour. */
  'spelling.double': { note: NoteParam; plain: NoteParam; of: 'scale' | 'chord' }

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
export const materialMessage = messageMaker<MaterialMessages>()
export const materialError = errorMaker<MaterialErrors>()

/** A kind on a tonic: “C major arpeggio, first inversion”. */
export const keyNamed = ({
  tonic,
  kind,
  inversion = 0,
}: {
  tonic: string
  kind: Kind['id']
  inversion?: number
}): Message => materialMessage('key.named', { tonic: named(tonic), kind: kindNamed({ id: kind }), inversion })

export const qualityNamed = (quality: Quality): Message => materialMessage(`quality.${quality}`)

/** What a treatment is named by: a broken chord's chord, else the base. */
function treatedNamed({ base, treatment, quality, up }: Kind): Message {
  return treatment === 'broken' && quality
    ? materialMessage('chord.broken', { quality, seventh: up.length > 3 ? 'yes' : 'no' })
    : materialMessage(`kind.${base!}`)
}

/** A kind by its name. */
export const kindNamed = ({ id }: Pick<Kind, 'id'>): Message => ({ code: `kind.${id}` })

/**
 * What a name is made of that no catalogue holds, since it follows from others: a kind in a treatment by its base. Null
 * for whatever is no such name.
 */
export function composedName({ code }: Message): Message | null {
  const kind = code.startsWith('kind.') ? KINDS[code.slice('kind.'.length) as KindId] : undefined
  if (!kind?.treatment) return null
  return materialMessage(`treated.${kind.treatment}`, { base: treatedNamed(kind), mode: kind.mode ?? 'none' })
}

/** The same in a drawer: what the drawer says already is left out. */
export function kindInDrawer({ id }: Pick<Kind, 'id'>): Message {
  if (id === 'pitches') return kindNamed({ id })
  const kind = KINDS[id]
  if (kind.treatment) {
    return materialMessage(`in-drawer.${kind.treatment}`, { base: treatedNamed(kind), mode: kind.mode ?? 'none' })
  }
  return kind.quality ? qualityNamed(kind.quality) : kindNamed({ id })
}
