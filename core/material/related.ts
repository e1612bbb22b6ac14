import { type Interval, type Note, noteAbove, noteName, parseNote, pitchClass } from '../pitch'
import { inversionsOf, type Kind, KINDS } from './kind'
import { type Form, KIND_IDS, type KindId } from './kinds'
import type { NamedMaterial } from './material'
import { allTonics, usualTonics } from './tonics'

/** A minor key and its major have either their signature or their tonic in common. */
export interface Related {
  readonly by: 'signature' | 'tonic'
  /** Which of the two is meant; null: the other one. */
  readonly mode: 'major' | 'minor' | null
  readonly form: Form | null
}

/** The name with the fewest signs under which a kind is usual on a key of the keyboard. */
export function simplestName(tonic: Note, kind: KindId): Note {
  const same = allTonics(KINDS[kind]).find((other) => pitchClass(other) === pitchClass(tonic))
  return same ?? tonic
}

const DOWN_A_MINOR_THIRD: Interval = { steps: -2, semitones: -3 }
const UP_A_MINOR_THIRD: Interval = { steps: 2, semitones: 3 }

/** A note that is usual as a tonic stays as it is spelled; another takes its simplest name. */
const usualName = (tonic: Note, kind: KindId): Note =>
  usualTonics(KINDS[kind]).some((other) => noteName(other) === noteName(tonic)) ? tonic : simplestName(tonic, kind)

/** Keys that are struck, in either direction. */
const keysOf = (tonic: Note, { up, down }: Kind): string =>
  JSON.stringify(
    [up, down].map((row) => [...new Set(row.map((each) => pitchClass(noteAbove(tonic, each))))].sort((a, b) => a - b)),
  )

/** A kind of the other mode that is made alike: the same treatment of a base of the same drawer. */
function counterpart(kind: Kind, mode: 'major' | 'minor', form: Related['form']): KindId | null {
  const isAlike = (other: Kind): boolean =>
    other.mode === mode &&
    other.family === kind.family &&
    other.texture === kind.texture &&
    other.treatment === kind.treatment &&
    other.chord === kind.chord &&
    // natural minor is a mode as well, and a form of minor before that
    (other.modeOf === null || other.form !== null) &&
    (other.quality === null || other.quality === mode)
  const alike = KIND_IDS.filter((id) => isAlike(KINDS[id]))
  if (kind.family !== 'other-scale') {
    const wanted = form ?? 'harmonic'
    return alike.find((id) => KINDS[id].form === wanted) ?? alike.find((id) => KINDS[id].form === null) ?? null
  }
  // of scales beside major and minor those are a pair that have their notes in common
  const C = parseNote('C')
  const other = noteAbove(C, mode === 'minor' ? DOWN_A_MINOR_THIRD : UP_A_MINOR_THIRD)
  return alike.find((id) => keysOf(other, KINDS[id]) === keysOf(C, kind)) ?? null
}

/** The key that is related to another, in the same shape; null where it has none. */
export function relatedTo(
  { tonic, kind }: Pick<NamedMaterial, 'tonic' | 'kind'>,
  { by, mode, form }: Related,
): { tonic: string; kind: KindId } | null {
  const own = KINDS[kind]
  const wanted = mode ?? (own.mode === 'minor' ? 'major' : 'minor')
  if (own.mode === null || own.mode === wanted || (own.modeOf !== null && own.form === null)) return null
  const other = counterpart(own, wanted, form)
  if (other === null) return null
  const note = parseNote(tonic)
  if (by === 'tonic') return { tonic: noteName(usualName(note, other)), kind: other }
  const shared = noteAbove(note, wanted === 'minor' ? DOWN_A_MINOR_THIRD : UP_A_MINOR_THIRD)
  return { tonic: noteName(usualName(shared, other)), kind: other }
}

/**
 * A material begun on another of its notes: a chord in that inversion, a scale as the mode that has its notes; null where
 * the note is none of its own, or nothing is called so.
 */
export function startedOn(
  material: Pick<NamedMaterial, 'tonic' | 'kind'>,
  start: Note,
): { tonic: string; kind: KindId; inversion?: number } | null {
  const kind = KINDS[material.kind]
  const tonic = parseNote(material.tonic)
  if (kind.starts === 'anywhere') return { tonic: noteName(start), kind: material.kind }
  const place = kind.up.findIndex((each) => pitchClass(noteAbove(tonic, each)) === pitchClass(start))
  if (place < 0) return null
  if (place === 0) return { tonic: material.tonic, kind: material.kind }
  if (inversionsOf(kind) > 1) return { tonic: material.tonic, kind: material.kind, inversion: place }
  const own = noteAbove(tonic, kind.up[place]!)
  const mode = KIND_IDS.find((id) => {
    const other = KINDS[id]
    return other.modeOf?.degree === place + 1 && keysOf(own, other) === keysOf(tonic, kind)
  })
  return mode ? { tonic: noteName(own), kind: mode } : null
}

/** A tonic so much higher or lower, by the name with the fewest signs. */
export const movedTonic = (tonic: string, kind: KindId, by: Interval): string =>
  noteName(simplestName(noteAbove(parseNote(tonic), by), kind))
