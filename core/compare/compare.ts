import { pitchName } from '../pitch'
import type { RealisedHand, RealisedStudy } from '../realise'
import type { Finger, Hand } from '../study'
import { aligned, type Aligned, type Side } from './align'

/** Two notes (or fingers) that stand in one place and differ; `a` and `b` are their places in the two lines. */
export interface Change<T> {
  readonly a: number
  readonly b: number
  readonly from: T
  readonly to: T
}

/** What changes in one hand. */
export interface HandDifferences {
  /** Notes raised or lowered; pitches as `F#4`. */
  readonly notes: readonly Change<string>[]
  readonly fingers: readonly Change<Finger>[]
  /** Crossings that only one of the two has, by note. */
  readonly crossings: { readonly a: readonly number[]; readonly b: readonly number[] }
  /** Notes that only one of the two has. */
  readonly only: { readonly a: readonly number[]; readonly b: readonly number[] }
}

/** What changes from one study to another: by hand where both have it. */
export interface Differences {
  readonly hands: Partial<Record<Hand, HandDifferences>>
  /** Hands that only one of the two has. */
  readonly handsOnly: { readonly a: readonly Hand[]; readonly b: readonly Hand[] }
  readonly difficulty: { readonly from: number; readonly to: number }
}

const both = ({ a, b }: Aligned): { a: number; b: number }[] => (a === null || b === null ? [] : [{ a, b }])

/** Semitones from the side's first note, so that studies in different keys or octaves can be compared. */
const raised = ({ part, indices }: Side, index: number): number => part.midi[index]! - part.midi[indices[0]!]!

function differencesOf(a: Side, b: Side): HandDifferences {
  const pairs = aligned(a, b)
  const met = pairs.flatMap(both)
  const lands = ({ part }: Side) => new Set(part.crossings.map(({ index }) => index))
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
      .map((pair) => ({ ...pair, from: a.part.fingers[pair.a]!, to: b.part.fingers[pair.b]! }))
      .filter(({ from, to }) => from !== to),
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

const whole = (part: RealisedHand): Side => ({ part, indices: part.notes.map((_, at) => at), legs: true })

/** What changes from one study to another, hand by hand, letter for letter from where each begins. */
export function compareStudies(a: RealisedStudy, b: RealisedStudy): Differences {
  const hands: Partial<Record<Hand, HandDifferences>> = {}
  const only: { a: Hand[]; b: Hand[] } = { a: [], b: [] }
  for (const hand of ['right', 'left'] as const) {
    const [own, other] = [a.hands[hand], b.hands[hand]]
    if (own && other) hands[hand] = differencesOf(whole(own), whole(other))
    else if (own) only.a.push(hand)
    else if (other) only.b.push(hand)
  }
  return { hands, handsOnly: only, difficulty: { from: a.difficulty.total, to: b.difficulty.total } }
}

/** Notes of one leg from the lowest up; the note at a turn belongs to both. */
function legOf(part: RealisedHand, leg: 'up' | 'down'): Side {
  const indices = part.notes.flatMap((note, at) => {
    const turn = part.notes[at + 1] && part.notes[at + 1]!.leg !== note.leg
    return note.leg === leg || turn ? [at] : []
  })
  return { part, indices: leg === 'up' ? indices : indices.reverse(), legs: false }
}

/** What one hand changes on the way down; null where it goes one way only. */
export function compareLegs(study: RealisedStudy, hand: Hand): HandDifferences | null {
  const part = study.hands[hand]
  if (!part || new Set(part.notes.map((note) => note.leg)).size < 2) return null
  return differencesOf(legOf(part, 'up'), legOf(part, 'down'))
}
