import type { Rhythm, Value } from '../study'

const NEAR = 1e-6
/** Bars are counted from 0. */
export const barOf = ({ beatsPerBar }: Rhythm, value: Pick<Value, 'start'>): number =>
  Math.floor(value.start / beatsPerBar + NEAR)

export const isBeamed = ({ written }: Value): boolean => !['whole', 'half', 'quarter'].includes(written)

/** Half bars of plain eighths share a beam; whatever is faster or dotted is beamed beat by beat. */
function units({ notes: values, beatsPerBar }: Rhythm): string[] {
  // a bar of three has no halves
  const share = beatsPerBar === 4 ? 2 : 1
  const half = (value: Value): number => Math.floor(value.start / share + NEAR)
  const uneven = new Set<number>()
  for (const value of values) {
    if (value.written !== 'eighth' || value.dots > 0 || value.triplet) uneven.add(half(value))
  }
  return values.map((value, at) => {
    if (!isBeamed(value)) return `alone ${at}`
    return uneven.has(half(value)) ? `beat ${Math.floor(value.start + NEAR)}` : `half ${half(value)}`
  })
}

const known = new WeakMap<Rhythm, readonly (readonly number[])[]>()

/**
 * Steps by what shares a beam, over the whole study; longer notes stand alone. Clefs and octave signs change, and
 * systems end, only between them. Chosen once for each rhythm.
 */
export function beamGroups(rhythm: Rhythm): readonly (readonly number[])[] {
  const found = known.get(rhythm)
  if (found) return found
  const groups: number[][] = []
  const ids = units(rhythm)
  ids.forEach((id, at) => {
    if (at === 0 || id !== ids[at - 1]) groups.push([])
    groups.at(-1)!.push(at)
  })
  known.set(rhythm, groups)
  return groups
}

/** Rests between a step and the next. */
export function restsAfter({ notes, rests }: Rhythm, step: number): Value[] {
  const [from, to] = [notes[step]!.start, notes[step + 1]?.start ?? Infinity]
  return rests.filter(({ start }) => start > from && start < to)
}
