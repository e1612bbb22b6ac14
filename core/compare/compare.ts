import { pitchName } from '../pitch'
import { acceptedOf, crossingsOf, lineFor, PLAYERS, playersIn, type RealisedStudy } from '../realise'
import type { Player } from '../instrument'
import { KINDS } from '../material'
import { type Finger, isFree, type Stick } from '../study'
import { aligned, type Aligned, type ComparedLine, type Side } from './align'

/** Two notes (or fingers) that stand in one place and differ; `a` and `b` are their places in the two lines. */
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
  readonly difficulty: { readonly from: number; readonly to: number }
}

const both = ({ a, b }: Aligned): { a: number; b: number }[] => (a === null || b === null ? [] : [{ a, b }])

/** Semitones from the side's lowest note, so that studies in different keys or octaves can be compared. */
export const raised = ({ part, indices }: Pick<Side, 'part' | 'indices'>, index: number): number =>
  part.midi[index]! - Math.min(...indices.map((at) => part.midi[at]!))

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
      .filter((pair) => raised(a, pair.a) !== raised(b, pair.b))
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

/** Degrees to the octave of what is one line in one key. */
function degreesIn({ recipe, sections }: RealisedStudy): number | null {
  if (isFree(recipe.material) || sections) return null
  const { texture, up } = KINDS[recipe.material.kind]
  return texture === 'cadence' ? null : up.length
}

/** A player's line as it is compared. */
export const comparedLine = (study: RealisedStudy, player: Player): ComparedLine => ({
  ...lineFor(study, player),
  marks: (acceptedOf(study) as Record<Player, readonly (Finger | Stick)[]>)[player],
  crossings: crossingsOf(study, player),
  degrees: degreesIn(study),
})

const whole = (part: ComparedLine): Side => ({ part, indices: part.notes.map((_, at) => at), legs: true })

/** What changes from one study to another, hand by hand, degree for degree over the lowest note of each. */
export function compareStudies(a: RealisedStudy, b: RealisedStudy): Differences {
  const hands: Partial<Record<Player, HandDifferences>> = {}
  const only: { a: Player[]; b: Player[] } = { a: [], b: [] }
  const [inA, inB] = [playersIn(a), playersIn(b)]
  for (const player of PLAYERS) {
    const [own, other] = [inA.includes(player), inB.includes(player)]
    if (own && other) hands[player] = differencesOf(whole(comparedLine(a, player)), whole(comparedLine(b, player)))
    else if (own) only.a.push(player)
    else if (other) only.b.push(player)
  }
  return { hands, handsOnly: only, difficulty: { from: a.difficulty.total, to: b.difficulty.total } }
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
