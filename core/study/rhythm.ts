import type { Tempo } from './recipe'

/** A written duration. Times and lengths are in beats (quarters). */
export interface Value {
  readonly start: number
  readonly beats: number
  /** Quarter, eighth …; `triplet` values sound two thirds of what is written. */
  readonly written: 'whole' | 'half' | 'quarter' | 'eighth' | 'sixteenth'
  readonly dots: 0 | 1
  readonly triplet: boolean
}

/** The course in time: 4/4, even notes, a last note that rounds its beat, then rests to the bar line. */
export interface Rhythm {
  readonly beatsPerBar: 4
  readonly notes: readonly Value[]
  readonly rests: readonly Value[]
}

const RUNNING: Record<Tempo['notesPerBeat'], Pick<Value, 'written' | 'triplet'>> = {
  1: { written: 'quarter', triplet: false },
  2: { written: 'eighth', triplet: false },
  3: { written: 'eighth', triplet: true },
  4: { written: 'sixteenth', triplet: false },
}
const WHOLE_BEATS: Record<number, Pick<Value, 'written' | 'dots'>> = {
  1: { written: 'quarter', dots: 0 },
  2: { written: 'half', dots: 0 },
  3: { written: 'half', dots: 1 },
  4: { written: 'whole', dots: 0 },
}

function lastValue(at: number, perBeat: Tempo['notesPerBeat']): Value {
  const start = at / perBeat
  const into = at % perBeat
  if (into === 0) {
    const beats = 4 - (start % 4)
    return { start, beats, ...WHOLE_BEATS[beats]!, triplet: false }
  }
  const left = perBeat - into
  const beats = left / perBeat
  if (perBeat === 4 && left > 1) {
    return { start, beats, written: 'eighth', dots: left === 3 ? 1 : 0, triplet: false }
  }
  if (perBeat === 3 && left === 2) return { start, beats, written: 'quarter', dots: 0, triplet: true }
  return { start, beats, ...RUNNING[perBeat], dots: 0 }
}

function restsAfter(end: number): Value[] {
  const beats = (4 - (end % 4)) % 4
  if (beats === 0) return []
  const rest = (start: number, length: number): Value => ({
    start,
    beats: length,
    ...WHOLE_BEATS[length]!,
    triplet: false,
  })
  if (beats === 3) return [rest(end, 1), rest(end + 1, 2)]
  return [rest(end, beats)]
}

/** Lays `count` notes (one or more) out at so many to the beat. */
export function rhythmOf(count: number, perBeat: Tempo['notesPerBeat']): Rhythm {
  const running = Array.from({ length: count - 1 }, (_, at): Value => ({
    start: at / perBeat,
    beats: 1 / perBeat,
    ...RUNNING[perBeat],
    dots: 0,
  }))
  const last = lastValue(count - 1, perBeat)
  const end = Math.round(last.start + last.beats)
  return { beatsPerBar: 4, notes: [...running, last], rests: restsAfter(end) }
}
