import type { Hand } from '../../study'

/** A note as a file has it. */
export interface FoundNote {
  readonly midi: number
  /** As it is spelled, `F##4`; nothing where the format does not spell. */
  readonly name: string | null
  /** A finger, or what else stands over it. */
  readonly mark: string | null
}

/** Notes that begin together. Times are in beats (quarters) from the beginning of the piece. */
export interface FoundChord {
  readonly start: number
  readonly beats: number
  /** Lowest first. */
  readonly notes: readonly FoundNote[]
}

/** Music found in a file: one line, or an upper and a lower one, in a key. */
export interface FoundPiece {
  readonly title: string
  readonly fifths: number
  /** Whether the key is said to be a minor one. */
  readonly minor: boolean
  readonly bpm: number | null
  readonly lines: readonly (readonly FoundChord[])[]
  /** Whose each line is, as far as the file tells. */
  readonly hands: readonly (Hand | null)[]
  /** The recipe that the file says it was made from, unchecked. */
  readonly recipe: unknown
}

/** More notes than this are not read. */
export const MAX_NOTES = 20_000

/** More pieces than this are not read: a set holds as many studies at the most. */
export const MAX_PIECES = 500

/** Things by a key, in their order, in the time that it takes to go through them once. */
export function groupedBy<K, T>(things: readonly T[], keyOf: (thing: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const thing of things) {
    const key = keyOf(thing)
    const group = groups.get(key)
    if (group) group.push(thing)
    else groups.set(key, [thing])
  }
  return groups
}

/** Notes that begin at one time as one chord, in order of time. */
export function chordsOf(
  notes: readonly (FoundNote & { readonly start: number; readonly beats: number })[],
): FoundChord[] {
  const byStart = groupedBy(notes, ({ start }) => Math.round(start * 960))
  return [...byStart.entries()]
    .sort(([a], [b]) => a - b)
    .map(([, chord]) => ({
      start: chord[0]!.start,
      beats: Math.max(...chord.map(({ beats }) => beats)),
      notes: chord.toSorted((a, b) => a.midi - b.midi).map(({ midi, name, mark }) => ({ midi, name, mark })),
    }))
}
