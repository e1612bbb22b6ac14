import { type PinnedLine, fingeringError } from '../fingering'
import { DomainError, type Message } from '../message'
import { type PlacedMark, isDegreePin, isGripPin } from '../study'
import { degreesOf, type Part } from './parts'

/** A pin of the whole study as one of its parts sees it, and where it stands in the recipe. */
export interface PartPin<P extends PlacedMark> {
  readonly pin: P
  readonly at: number
}

/** The list of a pin over several notes: fingers, or sticks. */
const LISTS = ['fingers', 'sticks'] as const
const listOf = (pin: object): (typeof LISTS)[number] => LISTS.find((field) => field in pin)!

/** A pin over several notes as far as it reaches into a part; null where it does not. */
function cut<P extends PlacedMark & { readonly from: number }>(pin: P, from: number, count: number): P | null {
  const field = listOf(pin)
  const marks = (pin as unknown as Record<string, readonly unknown[]>)[field]!
  const skipped = Math.max(0, from - pin.from)
  const own = marks.slice(skipped, Math.max(skipped, from + count - pin.from))
  return own.length > 0 ? { ...pin, from: Math.max(0, pin.from - from), [field]: own } : null
}

/**
 * Pins that touch some successive parts of one line, counted from their own first note.
 * @param from the parts' first note in the line, of `count` notes
 */
export function pinsWithin<P extends PlacedMark>(
  parts: readonly Part[],
  pins: readonly PartPin<P>[],
  from: number,
  count: number,
): PartPin<P>[] {
  return pins.flatMap(({ pin, at }): PartPin<P>[] => {
    if (isDegreePin(pin)) {
      const has = parts.some((part) => part.label.length === 0 || pin.degree <= degreesOf(part))
      return has ? [{ pin, at }] : []
    }
    if (isGripPin(pin)) {
      const own = cut(pin, from, count)
      return own ? [{ pin: own, at }] : []
    }
    const index = (pin as { index: number }).index - from
    return index >= 0 && index < count ? [{ pin: { ...pin, index }, at }] : []
  })
}

/** A part counts its own pins; errors name them by their place in the whole recipe. */
export function renumbered(error: unknown, pins: readonly PartPin<PlacedMark>[]): unknown {
  if (!(error instanceof DomainError)) return error
  const path = error.path.replace(/^pins\[(\d+)\]/, (_, at: string) => `pins[${pins[Number(at)]!.at}]`)
  return error.at(path)
}

/** Pins beyond the last note belong to no part. @param of whose notes they count */
export function checkPinned(pins: readonly PartPin<PlacedMark>[], of: PinnedLine, count: number): void {
  for (const { pin, at } of pins) {
    if (isDegreePin(pin)) continue
    const field = listOf(pin)
    const marks = isGripPin(pin) ? (pin as unknown as Record<string, readonly unknown[]>)[field]! : []
    const last = isGripPin(pin) ? pin.from + marks.length - 1 : pin.index
    if (last < count) continue
    const wrong = isGripPin(pin) ? (pin.from >= count ? 'from' : field) : 'index'
    throw fingeringError('pin.note', { of, count, index: last }, `pins[${at}].${wrong}`)
  }
}

/** What is said several times alike is said once, of all the notes. */
export function joinedReasons<R extends { readonly message: Message; readonly indices: readonly number[] }>(
  reasons: readonly R[],
): R[] {
  const bySentence = new Map<string, R>()
  for (const reason of reasons) {
    const key = JSON.stringify(reason.message)
    const known = bySentence.get(key)
    bySentence.set(key, known ? { ...known, indices: [...known.indices, ...reason.indices] } : reason)
  }
  return [...bySentence.values()]
}
