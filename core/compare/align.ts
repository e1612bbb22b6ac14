import { modulo, noteName, pitchClass, staffPlace } from '../pitch'
import { type ComparedLine, degreeOver } from './line'

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
  /** Whether the ways up and down are compared apart. */
  readonly legs: boolean
}

const [OCTAVE, LETTERS] = [12, 7]

/**
 * What a note is found by on the other side. On one tonic: its letter, or the key itself where a letter stands for two.
 * On two tonics: its degree where both have as many, else the key itself. Where there is no tonic: its letter over the
 * lowest note.
 */
export type AlignBy = 'letter' | 'key' | 'degree' | 'over-lowest'

export function alignedBy({ key: a }: ComparedLine, { key: b }: ComparedLine): AlignBy {
  if (!a || !b) return 'over-lowest'
  if (noteName(a.tonic) === noteName(b.tonic)) return a.lettered && b.lettered ? 'letter' : 'key'
  if (pitchClass(a.tonic) === pitchClass(b.tonic)) return 'key'
  return a.degrees === b.degrees ? 'degree' : 'key'
}

/** Each note's place, and how many places an octave has. */
function placesOf({ part, indices }: Side, by: AlignBy): { places: number[]; octave: number } {
  const notes = indices.map((index) => part.notes[index]!)
  if (by === 'key') return { places: notes.map(({ midi }) => midi), octave: OCTAVE }
  if (by === 'degree') {
    const { key } = part
    const tonic = pitchClass(key!.tonic)
    const places = notes.map(
      ({ midi, degree }) => degreeOver(key!, degree) + key!.degrees * Math.floor((midi - tonic) / OCTAVE),
    )
    return { places, octave: key!.degrees }
  }
  const places = notes.map(({ pitch }) => staffPlace(pitch))
  const lowest = by === 'over-lowest' ? Math.min(...places) : 0
  return { places: places.map((place) => place - lowest), octave: LETTERS }
}

/** Places of both sides; the second moved by whole octaves to where the first lies. */
function placedBoth(a: Side, b: Side, by: AlignBy): [number[], number[]] {
  const [own, { places, octave }] = [placesOf(a, by).places, placesOf(b, by)]
  const moved = octave * Math.round((Math.min(...own) - Math.min(...places)) / octave)
  return [own, places.map((place) => place + moved)]
}

/** Where each note stands: way, place, and which of several there it is. */
function keysOf(side: Side, places: readonly number[], legs: boolean): string[] {
  const seen = new Map<string, number>()
  return side.indices.map((index, at) => {
    const key = `${legs ? side.part.ways[index]! : ''} ${places[at]!}`
    const times = (seen.get(key) ?? 0) + 1
    seen.set(key, times)
    return `${key} ${times}`
  })
}

/**
 * Lays two sides beside each other, in the order of the first: what sounds the same key, or is the same letter or degree.
 * Notes at a turn belong to one way in one study and to the other in another: what is left over is paired whichever way
 * it goes.
 */
export function aligned(a: Side, b: Side): Aligned[] {
  const by = alignedBy(a.part, b.part)
  const [placesA, placesB] = placedBoth(a, b, by)
  const [own, others] = [keysOf(a, placesA, a.legs), keysOf(b, placesB, b.legs)]
  const byKey = new Map(others.map((key, at) => [key, at]))
  const found = new Map<number, number>()
  own.forEach((key, at) => {
    if (byKey.has(key)) found.set(a.indices[at]!, b.indices[byKey.get(key)!]!)
  })
  if (a.legs) {
    const met = new Set(found.values())
    const open = b.indices.flatMap((index, at) => (met.has(index) ? [] : [at]))
    a.indices.forEach((index, at) => {
      if (found.has(index)) return
      const place = open.findIndex((other) => placesB[other] === placesA[at])
      if (place >= 0) found.set(index, b.indices[open.splice(place, 1)[0]!]!)
    })
  }
  const taken = new Set(found.values())
  return [
    ...a.indices.map((index) => ({ a: index, b: found.get(index) ?? null })),
    ...b.indices.flatMap((index) => (taken.has(index) ? [] : [{ a: null, b: index }])),
  ]
}

/** By how many half steps a note of the second side is another than the first's, in octaves and keys that are alike. */
export function alteredBy(a: Side, b: Side, pair: { readonly a: number; readonly b: number }): number {
  const by = alignedBy(a.part, b.part)
  const [own, other] = [a.part.notes[pair.a]!.midi, b.part.notes[pair.b]!.midi]
  if (by === 'over-lowest') {
    const lowest = ({ part, indices }: Side): number => Math.min(...indices.map((at) => part.notes[at]!.midi))
    return other - lowest(b) - (own - lowest(a))
  }
  const tonics = by === 'degree' ? pitchClass(b.part.key!.tonic) - pitchClass(a.part.key!.tonic) : 0
  const apart = modulo(other - own - tonics, OCTAVE)
  return apart > OCTAVE / 2 ? apart - OCTAVE : apart
}
