import { type Interval, type Note, noteAbove, noteName, parseNote } from '../pitch'
import type { DomainError } from '../message'
import { FREE, inversionsOf, type Kind, KINDS } from './kind'
import { KIND_IDS, type KindId } from './kinds'
import { plainChromatic } from './chromatic'
import { keyNamed, kindNamed, materialError } from './messages'
import { signatureOf, twinOf } from './tonics'

/** What a recipe names as its material. */
export interface NamedMaterial {
  readonly tonic: string
  readonly kind: KindId
  /** Which note of the chord it begins on; only broken chords have one. */
  readonly inversion?: number
}

/** What is printed at the clef: the kind's own signature, that of the major or minor on the tonic, or none. */
export const SIGNATURES = ['own', 'parallel', 'none'] as const
export type Signature = (typeof SIGNATURES)[number]

/** The material of a study: a tonic and what is built on it, spelled. */
export interface Material {
  readonly tonic: Note
  readonly kind: Kind
  readonly inversion: number
  /** Sharps (positive) or flats (negative) of the key signature; beyond 7 none is printed. */
  readonly fifths: number
  /** Intervals of one octave over the tonic, rising from the first note that is played. */
  readonly rising: Readonly<Record<'up' | 'down', readonly Interval[]>>
  /** The degrees of one octave upward, spelled, without the first note's return. */
  readonly up: readonly Note[]
  readonly down: readonly Note[]
}

/** Looks a kind up by its name. @throws DomainError `kind.unknown` */
export function kindOf(id: string, path = 'material.kind'): Kind {
  const found = (KIND_IDS as readonly string[]).includes(id) ? KINDS[id as KindId] : undefined
  if (!found) {
    throw materialError('kind.unknown', { text: String(id).slice(0, 40), known: KIND_IDS.join(', ') }, path)
  }
  return found
}

const OCTAVE: Interval = { steps: 7, semitones: 12 }

/** A place counted in degrees from the first one, octaves added, as an interval over the tonic. */
export function intervalAt(rising: readonly Interval[], place: number): Interval {
  const octave = Math.floor(place / rising.length)
  const { steps, semitones } = rising[place - octave * rising.length]!
  return { steps: steps + OCTAVE.steps * octave, semitones: semitones + OCTAVE.semitones * octave }
}

const inverted = (intervals: readonly Interval[], inversion: number): Interval[] =>
  intervals.map((_, at) => intervalAt(intervals, at + inversion))

/** Fifths of the signature that a convention prints. */
function fifthsFor(tonic: Note, kind: Kind, signature: Signature): number {
  if (signature === 'none') return 0
  if (signature === 'own' || kind.signature === null) return signatureOf(tonic, kind)
  return signatureOf(tonic, { ...kind, signature: kind.mode === 'minor' ? -3 : 0 })
}

/**
 * Spells a kind on a tonic.
 * @param named tonic in ASCII, such as `G#`
 * @throws DomainError `tonic.unknown`, `tonic.unusual` (would need triple signs; names the twin), `kind.unknown`,
 * `inversion`
 */
export function materialOf(
  named: { readonly tonic: string; readonly kind: string; readonly inversion?: number },
  signature: Signature = 'own',
): Material {
  const kind = kindOf(named.kind)
  const tonic = parseTonic(named.tonic)
  const inversion = inversionFor(kind, named.inversion ?? 0)
  const { up, down } = kind.spelling === 'plain' ? plainChromatic(tonic) : kind
  const rising = { up: inverted(up, inversion), down: inverted(down, inversion) }
  const spelled = (intervals: readonly Interval[]) => intervals.map((interval) => noteAbove(tonic, interval))
  const material = { up: spelled(rising.up), down: spelled(rising.down) }
  if ([...material.up, ...material.down].some(({ alteration }) => Math.abs(alteration) > 2)) throw unusual(tonic, kind)
  return { tonic, kind, inversion, fifths: fifthsFor(tonic, kind, signature), rising, ...material }
}

/** Pitches as given: their own material, without tonic or signature of its own. */
export const freeMaterial = (first: Note): Material => ({
  tonic: first,
  kind: FREE,
  inversion: 0,
  fifths: 0,
  rising: { up: [], down: [] },
  up: [],
  down: [],
})

function inversionFor(kind: Kind, inversion: number): number {
  const most = inversionsOf(kind) - 1
  if (Number.isInteger(inversion) && inversion >= 0 && inversion <= most) return inversion
  throw materialError('inversion', { kind: kindNamed(kind), most }, 'material.inversion')
}

function parseTonic(name: string): Note {
  try {
    const note = parseNote(name)
    if (Math.abs(note.alteration) <= 2) return note
  } catch {
    // told below, with the field's own name
  }
  throw materialError('tonic.unknown', { text: String(name).slice(0, 20) }, 'material.tonic')
}

function unusual(tonic: Note, kind: Kind): DomainError {
  const twin = twinOf(tonic, kind)
  return materialError(
    'tonic.unusual',
    {
      key: keyNamed({ tonic: noteName(tonic), kind: kind.id }),
      twin: twin ? keyNamed({ tonic: noteName(twin), kind: kind.id }) : 'none',
    },
    'material.tonic',
    twin ? { twin: noteName(twin) } : {},
  )
}
