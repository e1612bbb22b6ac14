import { instrumentOf, type Player } from '../instrument'
import { pitchName } from '../pitch'
import { PLAYERS, playersIn, type RealisedStudy } from '../realise'
import type { Finger, Stick } from '../study'
import { aligned, type Aligned, alteredBy, type Side } from './align'
import { comparedLine, type ComparedLine } from './line'

/** Two notes (or fingers) that are one key, letter or degree and differ; `a` and `b` are their places in the two lines. */
interface Change<T> {
  readonly a: number
  readonly b: number
  readonly from: T
  readonly to: T
}

/** What changes in one hand, or in the line of two sticks. */
export interface HandDifferences {
  /** Notes raised or lowered; pitches as `F#4`. */
  readonly notes: readonly Change<string>[]
  /** Fingers, or sticks. */
  readonly fingers: readonly Change<Finger | Stick>[]
  /** Notes found in another place, as on another button; left out where there is no choice of places, or none changes. */
  readonly places?: readonly { readonly a: number; readonly b: number }[]
  /** Crossings that only one of the two has, by note; of sticks, those over wide steps, of a bass board, leaps. */
  readonly crossings: { readonly a: readonly number[]; readonly b: readonly number[] }
  /** Notes that only one of the two has. */
  readonly only: { readonly a: readonly number[]; readonly b: readonly number[] }
}

/** What changes from one study to another: by hand (or sticks) where both have it. */
export interface Differences {
  readonly hands: Partial<Record<Player, HandDifferences>>
  /** Hands (or sticks) that only one of the two has. */
  readonly handsOnly: { readonly a: readonly Player[]; readonly b: readonly Player[] }
  /** Null between two instruments: the index knows no order among them. */
  readonly difficulty: { readonly from: number; readonly to: number } | null
}

const both = ({ a, b }: Aligned): { a: number; b: number }[] => (a === null || b === null ? [] : [{ a, b }])

/** Notes of both that lie elsewhere; another note lies elsewhere anyhow. */
function movedPlaces(a: Side, b: Side, met: readonly { a: number; b: number }[]): Pick<HandDifferences, 'places'> {
  const [before, after] = [a.part.places, b.part.places]
  if (!before || !after) return {}
  const places = met.filter((pair) => a.part.midi[pair.a] === b.part.midi[pair.b] && before[pair.a] !== after[pair.b])
  return places.length > 0 ? { places } : {}
}

function differencesOf(a: Side, b: Side): HandDifferences {
  const pairs = aligned(a, b)
  const met = pairs.flatMap(both)
  const lands = ({ part }: Side) => new Set(part.crossings)
  const [before, after] = [a.part.marks, b.part.marks]
  const [byA, byB] = [lands(a), lands(b)]
  return {
    notes: met
      .filter((pair) => alteredBy(a, b, pair) !== 0)
      .map((pair) => ({
        ...pair,
        from: pitchName(a.part.notes[pair.a]!.pitch),
        to: pitchName(b.part.notes[pair.b]!.pitch),
      })),
    fingers: met
      .map((pair) => ({ ...pair, from: before[pair.a]!, to: after[pair.b]! }))
      .filter(({ from, to }) => from !== to),
    ...movedPlaces(a, b, met),
    crossings: {
      a: met.filter((pair) => byA.has(pair.a) && !byB.has(pair.b)).map((pair) => pair.a),
      b: met.filter((pair) => byB.has(pair.b) && !byA.has(pair.a)).map((pair) => pair.b),
    },
    only: {
      a: pairs.flatMap((pair) => (pair.b === null && pair.a !== null ? [pair.a] : [])),
      b: pairs.flatMap((pair) => (pair.a === null && pair.b !== null ? [pair.b] : [])),
    },
  }
}

/** All notes of a line. */
export const wholeOf = (part: ComparedLine): Side => ({ part, indices: part.notes.map((_, at) => at), legs: true })

/** What changes from one study to another, hand by hand: on one tonic key for key, on two degree for degree. */
export function compareStudies(a: RealisedStudy, b: RealisedStudy): Differences {
  const hands: Partial<Record<Player, HandDifferences>> = {}
  const only: { a: Player[]; b: Player[] } = { a: [], b: [] }
  const [inA, inB] = [playersIn(a), playersIn(b)]
  for (const player of PLAYERS) {
    const [own, other] = [inA.includes(player), inB.includes(player)]
    if (own && other) hands[player] = differencesOf(wholeOf(comparedLine(a, player)), wholeOf(comparedLine(b, player)))
    else if (own) only.a.push(player)
    else if (other) only.b.push(player)
  }
  const ranked = instrumentOf(a.recipe).make === instrumentOf(b.recipe).make
  return {
    hands,
    handsOnly: only,
    difficulty: ranked ? { from: a.difficulty.total, to: b.difficulty.total } : null,
  }
}

/** Notes of one leg from the lowest up; the note at a turn belongs to both. */
function legOf(part: ComparedLine, leg: 'up' | 'down'): Side {
  const indices = part.notes.flatMap((note, at) => {
    const turn = part.notes[at + 1] && part.notes[at + 1]!.leg !== note.leg
    return note.leg === leg || turn ? [at] : []
  })
  return { part, indices: leg === 'up' ? indices : indices.reverse(), legs: false }
}

/** What one hand changes on the way down; null where it goes one way only. */
export function compareLegs(study: RealisedStudy, player: Player): HandDifferences | null {
  const part = playersIn(study).includes(player) ? comparedLine(study, player) : null
  if (!part || new Set(part.notes.map((note) => note.leg)).size < 2) return null
  return differencesOf(legOf(part, 'up'), legOf(part, 'down'))
}
