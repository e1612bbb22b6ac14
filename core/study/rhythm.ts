import type { Tempo } from './pace'
import type { Lengths } from './shape'

/** A written duration. Times and lengths are in beats (quarters). */
export interface Value {
  readonly start: number
  readonly beats: number
  /** Quarter, eighth …; `triplet` values sound two thirds of what is written. */
  readonly written: 'whole' | 'half' | 'quarter' | 'eighth' | 'sixteenth' | 'thirty-second'
  readonly dots: 0 | 1
  readonly triplet: boolean
}

/** Quarters in a bar. */
export type Meter = 3 | 4

/** The course in time: a last note that rounds its beat, then rests to the bar line; the same for every section. */
export interface Rhythm {
  readonly beatsPerBar: Meter
  /** One for each step. */
  readonly notes: readonly Value[]
  readonly rests: readonly Value[]
  /** Steps that are accented. */
  readonly accents: readonly number[]
}

/** A stretch of steps with one rhythm. */
export interface Stretch {
  readonly steps: number
  readonly perBeat: Tempo['notesPerBeat']
  readonly lengths: Lengths
  /** Bars of rest after it. */
  readonly rests?: number
}

type Kind = Pick<Value, 'written' | 'dots' | 'triplet'>
const plain = (written: Value['written'], dots: 0 | 1 = 0): Kind => ({ written, dots, triplet: false })
const third = (written: Value['written']): Kind => ({ written, dots: 0, triplet: true })

/** Ticks of a quarter: all lengths here are whole numbers of them. */
const TICKS = 48
const SMALLEST = 6
/** What can be written with one note, longest first; ticks. */
const PLAIN: readonly (readonly [number, Kind])[] = [
  [192, plain('whole')],
  [144, plain('half', 1)],
  [96, plain('half')],
  [72, plain('quarter', 1)],
  [48, plain('quarter')],
  [36, plain('eighth', 1)],
  [24, plain('eighth')],
  [18, plain('sixteenth', 1)],
  [12, plain('sixteenth')],
  [6, plain('thirty-second')],
]
const THIRDS: readonly (readonly [number, Kind])[] = [
  [48, plain('quarter')],
  [32, third('quarter')],
  [24, plain('eighth')],
  [16, third('eighth')],
  [8, third('sixteenth')],
]

const inThrees = (perBeat: number): boolean => perBeat === 3 || perBeat === 6

/** The longest value that fits some ticks. */
function longest(ticks: number, threes: boolean): readonly [number, Kind] {
  const among = threes ? THIRDS : PLAIN
  return among.find(([length]) => length <= ticks) ?? among.at(-1)!
}

const valueOf = (start: number, [length, kind]: readonly [number, Kind]): Value => ({
  start: start / TICKS,
  beats: length / TICKS,
  ...kind,
})

/** Ticks of the first note of a pair, by how the two share their time. */
const SHARE: Record<Lengths, number> = { even: 1 / 2, 'long-short': 3 / 4, 'short-long': 1 / 4 }

/** Where a step begins, in ticks from the stretch's first. */
function tickAt(at: number, { perBeat, lengths }: Stretch): number {
  const pair = (2 * TICKS) / perBeat
  if (lengths === 'even' || inThrees(perBeat)) return (at * TICKS) / perBeat
  return Math.floor(at / 2) * pair + (at % 2) * pair * SHARE[lengths]
}

/** The last note: to the bar line from a beat, else to the end of its beat, so far as one note can say it. */
function lastLength(start: number, own: number, { perBeat, lengths }: Stretch, meter: Meter): readonly [number, Kind] {
  const into = start % TICKS
  if (into === 0) return longest(meter * TICKS - (start % (meter * TICKS)), false)
  return longest(lengths === 'even' ? TICKS - into : own, inThrees(perBeat))
}

/** How long a rest at a place may be so that it does not hide the parts of the beat. */
const evenPlace = (at: number): number => {
  const smallest = at / SMALLEST
  return SMALLEST * (smallest & -smallest)
}

/** Rests from a place to the bar line: first to the beat, then by beats, none over the middle of a bar of four. */
function restsFrom(from: number, perBeat: number, meter: Meter): Value[] {
  const bar = meter * TICKS
  const rests: Value[] = []
  let at = from
  while (at % bar !== 0) {
    const toBeat = TICKS - (at % TICKS)
    const inBeat = toBeat < TICKS
    const toMiddle = bar / 2 - (at % (bar / 2))
    const rest = inBeat
      ? longest(inThrees(perBeat) ? toBeat : evenPlace(at), inThrees(perBeat))
      : longest(meter === 4 && toMiddle >= 2 * TICKS ? 2 * TICKS : TICKS, false)
    rests.push(valueOf(at, rest))
    at += rest[0]
  }
  return rests
}

/** A stretch's notes and the rests to its bar line; `from` in ticks, on a bar line. */
function laidOut(stretch: Stretch, from: number, meter: Meter): { notes: Value[]; rests: Value[]; end: number } {
  const { steps, perBeat } = stretch
  const notes = Array.from({ length: steps }, (_, at): Value => {
    const start = tickAt(at, stretch)
    const length = tickAt(at + 1, stretch) - start
    const kind =
      at < steps - 1 ? ([length, kindOf(length, perBeat)] as const) : lastLength(start, length, stretch, meter)
    return valueOf(from + start, kind)
  })
  const last = notes.at(-1)!
  const sounded = Math.round((last.start + last.beats) * TICKS)
  const bar = meter * TICKS
  const line = Math.ceil(sounded / bar) * bar
  const silent = Array.from({ length: stretch.rests ?? 0 }, (_, at) => valueOf(line + at * bar, longest(bar, false)))
  return { notes, rests: [...restsFrom(sounded, perBeat, meter), ...silent], end: line + silent.length * bar }
}

const kindOf = (length: number, perBeat: number): Kind =>
  (inThrees(perBeat) ? THIRDS : PLAIN).find(([ticks]) => ticks === length)![1]

/**
 * Lays stretches of one step or more out in time, each from a bar line on.
 * @param every an accent on the first of every so many steps of a stretch; 0 for none
 */
export function rhythmOf(stretches: readonly Stretch[], every = 0, meter: Meter = 4): Rhythm {
  const notes: Value[] = []
  const rests: Value[] = []
  const accents: number[] = []
  let from = 0
  for (const stretch of stretches) {
    for (let at = 0; every > 0 && at < stretch.steps; at += every) accents.push(notes.length + at)
    const laid = laidOut(stretch, from, meter)
    notes.push(...laid.notes)
    rests.push(...laid.rests)
    from = laid.end
  }
  return { beatsPerBar: meter, notes, rests, accents }
}

/**
 * A stretch of time in notes that can be written, longest first, none over a bar line; to be tied, or to be rests.
 * @param threes whether it may be parted in thirds of a beat
 */
export function writtenOver(from: number, to: number, meter: Meter, threes: boolean): Value[] {
  const values: Value[] = []
  const bar = meter * TICKS
  let at = Math.round(from * TICKS)
  const end = Math.round(to * TICKS)
  while (at < end) {
    const room = Math.min(end - at, bar - (at % bar))
    // from within a beat to its end first, so that beats stay visible
    const own = at % TICKS === 0 ? room : Math.min(room, TICKS - (at % TICKS))
    const inThirds = threes && (own % SMALLEST !== 0 || at % SMALLEST !== 0)
    const value = longest(own, inThirds)
    values.push(valueOf(at, value))
    at += value[0]
  }
  return values
}

/** How long a step held for several sounds, in beats, rests between them left out. */
export const heldBeats = ({ notes }: Rhythm, step: number, holds: number): number => {
  const last = notes[step + holds - 1]!
  return last.start + last.beats - notes[step]!.start
}
