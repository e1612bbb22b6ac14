import type { Material } from '../material'
import { named, type NoteParam } from '../message'
import { type Note, noteName } from '../pitch'
import type { Hand } from '../study'
import type { Hold } from './chords'
import { type RingFingering, ringCharges } from './ring'
import { type Run, runProblem } from './run'
import type { Term } from './school'
import type { CostProfile } from './schools'

/** One charge in a reader's terms: what for, how much, where, and on which notes. */
export interface Charge {
  readonly term: Term
  readonly cost: number
  /** Tells places apart. */
  readonly place: string
  readonly leg: 'up' | 'down'
  /** The note it is charged at, and for a crossing the note of the finger that is not the thumb. */
  readonly note: NoteParam
  readonly crossed: NoteParam
}

const nameAt = (notes: readonly Note[], degree: number): NoteParam => named(noteName(notes[degree % notes.length]!))

/** What an octave pattern pays, degree by degree. A ring rises, so the right hand's finger comes before its thumb. */
export function chargesOfRing(manner: CostProfile, hand: Hand, material: Material, ring: RingFingering): Charge[] {
  return ringCharges(manner, hand, material, ring).map(({ term, cost, degree, leg }) => ({
    term,
    cost,
    leg,
    place: `${leg} ${degree}`,
    // names are wanted of few charges only
    get note() {
      return nameAt(material[leg], degree)
    },
    get crossed() {
      return nameAt(material[leg], hand === 'right' ? degree : degree + 1)
    },
  }))
}

/** What a fingered line pays between two steps, step by step; all of it unless told which. */
export function chargesOfRun(run: Run, holds: readonly Hold[], from = 0, to = holds.length - 1): Charge[] {
  const { line, steps } = run
  const charges: Charge[] = []
  const name = (at: number): NoteParam => {
    const step = steps[Math.min(at, steps.length - 1)]!
    return named(noteName(line.notes[step.notes[0]!]!.pitch))
  }
  let at = from
  const problem = runProblem(run, undefined, (term, cost) => {
    const [here, other] = [at, holds[at]![0] === 1 ? at + 1 : at]
    charges.push({
      ...{ term, cost, leg: steps[here]!.leg, place: String(here) },
      get note() {
        return name(here)
      },
      get crossed() {
        return name(other)
      },
    })
  })
  for (; at <= to; at++) {
    const [here, next, last] = [holds[at]!, holds[at + 1], holds[at + 2]]
    problem.one(at, here)
    if (next) problem.two(at, here, next)
    if (next && last) problem.three?.(at, here, next, last)
  }
  return charges
}

function sums(charges: readonly Charge[]): Map<Term, number> {
  const total = new Map<Term, number>()
  for (const { term, cost } of charges) total.set(term, (total.get(term) ?? 0) + cost)
  return total
}

/** What `other` pays more for than `chosen`, dearest first, each term once. */
export function dearerIn(chosen: readonly Charge[], other: readonly Charge[]): Charge[] {
  const [own, theirs] = [sums(chosen), sums(other)]
  return [...theirs]
    .map(([term, cost]) => ({ term, more: cost - (own.get(term) ?? 0) }))
    .filter(({ more }) => more > 1e-9)
    .sort((a, b) => b.more - a.more)
    .map(({ term, more }) => {
      const known = new Set(chosen.filter((charge) => charge.term === term).map((charge) => charge.place))
      const among = other.filter((charge) => charge.term === term)
      const newest = among.find((charge) => !known.has(charge.place)) ?? among[0]!
      return { ...newest, cost: more }
    })
}
