import type { Material } from '../material'
import { named, type NoteParam } from '../message'
import { type Note, noteName } from '../pitch'
import { type Hand, type Leg, octaveNotes } from '../study'
import type { StruckFingers } from './chords'
import { type RingFingering, ringCostTerms } from './ring'
import { type Run, runProblem } from './run'
import type { Term } from './school'
import type { CostProfile } from './schools'

/** One cost term in a reader's words: what for, how much, where, and on which notes. */
export interface CostTerm {
  readonly term: Term
  readonly cost: number
  /** Tells places apart. */
  readonly place: string
  readonly leg: 'up' | 'down'
  /** The note where it arises, and for a crossing the note of the finger that is not the thumb. */
  readonly note: NoteParam
  readonly crossed: NoteParam
}

const nameAt = (notes: readonly Note[], degree: number): NoteParam => named(noteName(notes[degree % notes.length]!))

/** The note under the thumb: of double notes the one that it takes, else the note itself. */
export function thumbNote(material: Material, leg: Leg, degree: number, struckFingers: StruckFingers): Note {
  const own = material[leg][degree % material[leg].length]!
  if (struckFingers.length < 2 || !struckFingers.includes(1)) return own
  return octaveNotes(material, leg)[degree % material[leg].length]![struckFingers.indexOf(1)] ?? own
}

/** What an octave pattern pays, degree by degree. A ring rises, so the right hand's finger comes before its thumb. */
export function costTermsOfRing(
  costProfile: CostProfile,
  hand: Hand,
  material: Material,
  ring: RingFingering,
): CostTerm[] {
  return ringCostTerms(costProfile, hand, material, ring).map(({ term, cost, degree, leg }) => ({
    term,
    cost,
    leg,
    place: `${leg} ${degree}`,
    // names are wanted of few terms only
    get note() {
      if (term !== 'thumb-on-black') return nameAt(material[leg], degree)
      return named(noteName(thumbNote(material, leg, degree, ring[leg][degree]!)))
    },
    get crossed() {
      return nameAt(material[leg], hand === 'right' ? degree : degree + 1)
    },
  }))
}

/** What a fingered line pays between two steps, step by step; all of it unless a part is given. */
export function costTermsOfRun(
  run: Run,
  fingersByStep: readonly StruckFingers[],
  from = 0,
  to = fingersByStep.length - 1,
): CostTerm[] {
  const { line, steps } = run
  const costTerms: CostTerm[] = []
  const name = (at: number, voice = 0): NoteParam => {
    const step = steps[Math.min(at, steps.length - 1)]!
    return named(noteName(line.notes[step.notes[voice]!]!.pitch))
  }
  let at = from
  const problem = runProblem(run, undefined, (term, cost) => {
    const [here, other] = [at, fingersByStep[at]![0] === 1 ? at + 1 : at]
    costTerms.push({
      ...{ term, cost, leg: steps[here]!.leg, place: String(here) },
      get note() {
        return name(here, term === 'thumb-on-black' ? fingersByStep[here]!.indexOf(1) : 0)
      },
      get crossed() {
        return name(other)
      },
    })
  })
  for (; at <= to; at++) {
    const [here, next, last] = [fingersByStep[at]!, fingersByStep[at + 1], fingersByStep[at + 2]]
    problem.one(at, here)
    if (next) problem.two(at, here, next)
    if (next && last) problem.three?.(at, here, next, last)
  }
  return costTerms
}

function sums(costTerms: readonly CostTerm[]): Map<Term, number> {
  const total = new Map<Term, number>()
  for (const { term, cost } of costTerms) total.set(term, (total.get(term) ?? 0) + cost)
  return total
}

/** What `other` pays more for than `chosen`, dearest first, each term once. */
export function dearerIn(chosen: readonly CostTerm[], other: readonly CostTerm[]): CostTerm[] {
  const [own, theirs] = [sums(chosen), sums(other)]
  return [...theirs]
    .map(([term, cost]) => ({ term, more: cost - (own.get(term) ?? 0) }))
    .filter(({ more }) => more > 1e-9)
    .sort((a, b) => b.more - a.more)
    .map(({ term, more }) => {
      const known = new Set(chosen.filter((termCost) => termCost.term === term).map((termCost) => termCost.place))
      const among = other.filter((termCost) => termCost.term === term)
      const newest = among.find((termCost) => !known.has(termCost.place)) ?? among[0]!
      return { ...newest, cost: more }
    })
}
