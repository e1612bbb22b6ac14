import { intervalAt, type Kind, type Material } from '../material'
import { type Interval, modulo, type Note, noteAbove } from '../pitch'
import type { Hand } from './hand'
import type { Leg } from './line'

/** One step of a rising course, before it is given to a hand: what sounds, over the tonic, lowest first. */
interface Place {
  readonly sounds: readonly Interval[]
  /** Degree from 0 (first note of the octave), of the lowest sound that is named after it. */
  readonly degree: number
  /** Stretches that the hand plays without moving; a new one begins a new position. */
  readonly group: number
  /** The only hand that plays it, where the hands share the course. */
  readonly hand?: Hand
  /** Degrees from the tonic of its octave, in a run. */
  readonly at?: number
  /** Which of four mallets takes each sound. */
  readonly mallets?: readonly number[]
  /** Which chord of a chain it belongs to. */
  readonly repeat?: number
}

/** One place of a hand's course, on its way. */
export interface Step {
  readonly place: Place
  readonly leg: Leg
  readonly octave: number
  readonly fresh: boolean
  /** Which repeat of a figure it belongs to. */
  readonly repeat?: number
  /** Its length in beats, where a motif says one. */
  readonly beats?: number
  /** Steps that it rings on. */
  readonly rings?: number
  /** It leads to the next key. */
  readonly link?: true
}

type Rising = readonly Interval[]

const add = (a: Interval, b: Interval): Interval => ({
  steps: a.steps + b.steps,
  semitones: a.semitones + b.semitones,
})

/** What sounds at a degree of a run: the note, and the second one of a double note. */
function soundsAt(kind: Kind, rising: Rising, at: number): Interval[] {
  const { second } = kind
  const note = intervalAt(rising, at)
  if (!second) return [note]
  const other = 'degrees' in second ? intervalAt(rising, at + second.degrees) : add(note, second)
  return [note, other].sort((a, b) => a.semitones - b.semitones)
}

/** One place of a run, counted in degrees from the tonic of its octave. */
export const runPlace = (kind: Kind, rising: Rising, at: number): Place => ({
  sounds: soundsAt(kind, rising, at),
  degree: modulo(at, rising.length),
  group: 0,
  at,
})

/** Places of a run struck together, lowest first; none is a rest. */
export function runPlaces(kind: Kind, rising: Rising, places: readonly number[]): Place {
  const [lowest] = places
  if (lowest === undefined) return { sounds: [], degree: 0, group: 0 }
  if (places.length === 1) return runPlace(kind, rising, lowest)
  return { ...runPlace(kind, rising, lowest), sounds: places.flatMap((at) => soundsAt(kind, rising, at)) }
}

/** One position of the hand in each octave. */
const positionPlaces = (rising: Rising, octaves: number): Place[] =>
  Array.from({ length: rising.length * octaves }, (_, at) => ({
    sounds: [intervalAt(rising, at)],
    degree: at % rising.length,
    group: Math.floor(at / rising.length),
  }))

const TETRACHORD = 4

/** Eight notes to the octave, the lower four for the left hand, the upper four for the right. */
const tetrachordPlaces = (rising: Rising, octaves: number): Place[] =>
  Array.from({ length: 2 * TETRACHORD * octaves }, (_, at) => {
    const octave = Math.floor(at / (2 * TETRACHORD))
    const within = at % (2 * TETRACHORD)
    return {
      sounds: [intervalAt(rising, within + octave * rising.length)],
      degree: within % rising.length,
      group: Math.floor(at / TETRACHORD),
      hand: within < TETRACHORD ? ('left' as const) : ('right' as const),
    }
  })

/** A chord on every degree, broken upward, sevenths up and down in turn; or one chord's inversions in turn. */
function chainPlaces(kind: Kind, rising: Rising, octaves: number): Place[] {
  const size = kind.chord ?? 3
  const apart = kind.inverts ? 1 : 2
  return Array.from({ length: rising.length * octaves + 1 }, (_, root) => {
    const chord = Array.from({ length: size }, (_each, voice) => root + apart * voice)
    return size === 4 && root % 2 === 1 && !kind.inverts ? chord.reverse() : chord
  }).flatMap((chord, repeat) =>
    chord.map((at) => ({ sounds: [intervalAt(rising, at)], degree: at % rising.length, group: 0, repeat })),
  )
}

/** I IV I V7 I in close position, each voice moving as little as it can; the V7 leaves out its fifth. */
const CADENCE = [
  [0, 2, 4],
  [0, 3, 5],
  [0, 2, 4],
  [-1, 3, 4],
  [0, 2, 4],
]

const cadencePlaces = (rising: Rising, octaves: number): Place[] =>
  Array.from({ length: octaves }, (_, octave) =>
    CADENCE.map((chord) => ({
      sounds: chord.map((at) => intervalAt(rising, at + octave * rising.length)),
      degree: 0,
      group: octave,
    })),
  ).flat()

/** The rising course of everything that is not a run. */
export function placesOf({ kind }: Material, rising: Rising, octaves: number): Place[] {
  if (kind.texture === 'position') return positionPlaces(rising, octaves)
  if (kind.texture === 'chain') return chainPlaces(kind, rising, octaves)
  if (kind.texture === 'cadence') return cadencePlaces(rising, octaves)
  return tetrachordPlaces(rising, octaves)
}

/** One octave of a run, from its first degree, by the names of its notes; of double notes the lowest first. */
export const octaveNotes = (material: Material, leg: 'up' | 'down'): Note[][] =>
  material.rising[leg].map((_, at) =>
    runPlace(material.kind, material.rising[leg], at).sounds.map((interval) => noteAbove(material.tonic, interval)),
  )

/** One octave of a run, from its first degree, as semitones over the tonic: what repeats in every octave. */
export const octaveOf = (material: Material, leg: 'up' | 'down'): number[][] =>
  material.rising[leg].map((_, at) =>
    runPlace(material.kind, material.rising[leg], at).sounds.map((interval) => interval.semitones),
  )
