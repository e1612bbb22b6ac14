import { fifthsOf, type Note, noteAbove, noteName, pitchClass } from '../pitch'
import type { Kind } from './kind'

const FIFTH = { steps: 4, semitones: 7 }
const C: Note = { letter: 'C', alteration: 0 }
const onCircle = (fifths: number): Note =>
  noteAbove(C, { steps: FIFTH.steps * fifths, semitones: FIFTH.semitones * fifths })

/** Seven signs at the most make a signature that is printed. */
export const MAX_SIGNS = 7

/** Whether a kind on a tonic is spelled without triple signs. */
const writable = (tonic: Note, kind: Kind): boolean =>
  [...kind.up, ...kind.down].every((interval) => Math.abs(noteAbove(tonic, interval).alteration) <= 2)

/**
 * Tonics in circle order, flats to sharps: all whose signature has at most seven signs; where the kind is written
 * without a signature, every name from G flat to A sharp that needs no triple sign.
 */
export function usualTonics(kind: Kind): Note[] {
  const [from, to] = kind.signature === null ? [-6, 10] : [-7 - kind.signature, 7 - kind.signature]
  const tonics = Array.from({ length: to - from + 1 }, (_, index) => onCircle(from + index))
  return kind.spelling === 'plain' ? tonics : tonics.filter((tonic) => writable(tonic, kind))
}

/** Sharps (positive) or flats of a kind's own signature on a tonic; 0 for kinds written without one. */
export const signatureOf = (tonic: Note, kind: Kind): number =>
  kind.signature === null ? 0 : fifthsOf(tonic) + kind.signature

/** The other name for the same keys, if it is usual: G# minor and Ab minor. */
export function twinOf(tonic: Note, kind: Kind): Note | null {
  return (
    usualTonics(kind).find((other) => pitchClass(other) === pitchClass(tonic) && noteName(other) !== noteName(tonic)) ??
    null
  )
}

/**
 * The name under which a kind that begins on any key alike is written there: its own where that is usual, else that of the
 * same key, so that a whole-tone scale on A sharp is the one on B flat.
 */
export function writtenTonic(tonic: Note, kind: Kind): Note {
  if (kind.starts !== 'anywhere') return tonic
  const usual = usualTonics(kind).some((other) => noteName(other) === noteName(tonic))
  return usual ? tonic : (twinOf(tonic, kind) ?? tonic)
}

/** Signs of a kind on a tonic, or of the tonic where the kind is written without a signature. */
export const signsOf = (tonic: Note, kind: Kind): number =>
  kind.signature === null ? fifthsOf(tonic) : signatureOf(tonic, kind)

/** Every usual tonic of a kind, from no signs outward. */
export const tonicsOutward = (kind: Kind): Note[] => {
  const count = (tonic: Note): number => signsOf(tonic, kind)
  return usualTonics(kind)
    .filter((tonic) => Math.abs(count(tonic)) <= MAX_SIGNS)
    .sort((a, b) => Math.abs(count(a)) - Math.abs(count(b)) || count(b) - count(a))
}

/** The same, of two names for the same keys the simpler alone. */
export function allTonics(kind: Kind): Note[] {
  const seen = new Set<number>()
  return tonicsOutward(kind).filter((tonic) => !seen.has(pitchClass(tonic)) && Boolean(seen.add(pitchClass(tonic))))
}
