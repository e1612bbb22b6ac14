import { staffPlace } from '../pitch'
import type { SolvedLine } from '../instrument'
import type { Finger, Stick } from '../study'

/** A hand's line, or that of two sticks, with what strikes each note and where something is crossed. */
export interface ComparedLine extends SolvedLine {
  readonly marks: readonly (Finger | Stick)[]
  readonly crossings: readonly number[]
  /** Degrees to its octave; null where its notes have none. */
  readonly degrees: number | null
}

/** A note of one study, as it is laid beside another's. */
export interface Aligned {
  /** Places in the two lines; null where only the other has such a note. */
  readonly a: number | null
  readonly b: number | null
}

/** Some notes of a hand: all, or those of one leg. */
export interface Side {
  readonly part: ComparedLine
  /** Notes by their places in the line, in the order in which they are laid beside the other side's. */
  readonly indices: readonly number[]
  /** Whether the legs are compared apart. */
  readonly legs: boolean
}

const OCTAVE = 12

/** What a note is found by on the other side: its degree, counted on through the octaves; its key; or its letter. */
type AlignBy = 'degree' | 'key' | 'letter'

/** Each note's place over the lowest one of its side. */
function placesOf({ part, indices }: Side, by: AlignBy): number[] {
  const notes = indices.map((index) => part.notes[index]!)
  const tonic = notes.find(({ degree }) => degree === 0)?.midi ?? 0
  const placed = notes.map(({ midi, degree, pitch }) => {
    if (by === 'letter') return staffPlace(pitch)
    return by === 'key' ? midi : degree + part.degrees! * Math.floor((midi - tonic) / OCTAVE)
  })
  const lowest = Math.min(...placed)
  return placed.map((place) => place - lowest)
}

/** Where each note stands: leg, place over the lowest, and which of several there it is. */
function keysOf(side: Side, by: AlignBy, legs: boolean): string[] {
  const places = placesOf(side, by)
  const seen = new Map<string, number>()
  return side.indices.map((index, at) => {
    const key = `${legs ? side.part.notes[index]!.leg : ''} ${places[at]!}`
    const times = (seen.get(key) ?? 0) + 1
    seen.set(key, times)
    return `${key} ${times}`
  })
}

/** By degrees where both have as many, by their keys where they have not, by letters where there are no degrees. */
function alignedBy({ part: a }: Side, { part: b }: Side): AlignBy {
  if (a.degrees === null || b.degrees === null) return 'letter'
  return a.degrees === b.degrees ? 'degree' : 'key'
}

/** Pairs of one pass, and what it leaves on either side. */
function paired(a: Side, b: Side, by: AlignBy, legs: boolean) {
  const [own, others] = [keysOf(a, by, legs), keysOf(b, by, legs)]
  const byKey = new Map(others.map((key, at) => [key, at]))
  const pairs = own.flatMap((key, at) =>
    byKey.has(key) ? [{ a: a.indices[at]!, b: b.indices[byKey.get(key)!]! }] : [],
  )
  return { pairs, leftA: a.indices.filter((_, at) => !byKey.has(own[at]!)), known: new Set(own), others }
}

/**
 * Lays two sides beside each other, place for place over the lowest note of each, in the order of the first. Notes at a
 * turn belong to one way in one study and to the other in another: what is left over is paired whichever way it goes.
 */
export function aligned(a: Side, b: Side): Aligned[] {
  const by = alignedBy(a, b)
  const first = paired(a, b, by, a.legs)
  const leftB = b.indices.filter((_, at) => !first.known.has(first.others[at]!))
  const rest = a.legs ? turned(a, b, by, first.leftA, leftB) : []
  const found = new Map([...first.pairs, ...rest].map((pair) => [pair.a, pair.b]))
  const taken = new Set(found.values())
  return [
    ...a.indices.map((index) => ({ a: index, b: found.get(index) ?? null })),
    ...b.indices.flatMap((index) => (taken.has(index) ? [] : [{ a: null, b: index }])),
  ]
}

/** Notes left over on both sides that stand in one place. */
function turned(a: Side, b: Side, by: AlignBy, leftA: readonly number[], leftB: readonly number[]) {
  const placed = (side: Side) => new Map(placesOf(side, by).map((place, at) => [side.indices[at]!, place]))
  const [own, others] = [placed(a), placed(b)]
  const open = [...leftB]
  return leftA.flatMap((index) => {
    const at = open.findIndex((other) => others.get(other) === own.get(index))
    return at < 0 ? [] : [{ a: index, b: open.splice(at, 1)[0]! }]
  })
}
