import { costOf } from '../assign'
import type { Material } from '../material'
import { type Note, printedName } from '../pitch'
import type { Finger, Hand } from '../study'
import { type RingFingering, ringCharges } from './ring'
import { holdsFrom, type Run, runProblem } from './run'
import type { Term } from './school'
import type { Manner } from './schools'

/** One charge in a reader's terms: what for, how much, where, and on which notes. */
export interface Charge {
  readonly term: Term
  readonly cost: number
  /** Tells places apart. */
  readonly place: string
  readonly leg: 'up' | 'down'
  /** The note it is charged at, and for a crossing the note of the finger that is not the thumb. */
  readonly note: string
  readonly crossed: string
}

const nameAt = (notes: readonly Note[], degree: number): string => printedName(notes[degree % notes.length]!)

/** What an octave pattern pays, degree by degree. A ring rises, so the right hand's finger comes before its thumb. */
export function chargesOfRing(manner: Manner, hand: Hand, material: Material, ring: RingFingering): Charge[] {
  return ringCharges(manner, hand, material, ring).map(({ term, cost, degree, leg }) => ({
    term,
    cost,
    leg,
    place: `${leg} ${degree}`,
    note: nameAt(material[leg], degree),
    crossed: nameAt(material[leg], hand === 'right' ? degree : degree + 1),
  }))
}

/** What a fingered line pays, step by step. */
export function chargesOfRun(run: Run, fingers: readonly Finger[]): Charge[] {
  const { line, steps } = run
  const holds = holdsFrom(steps, fingers)
  const charges: Charge[] = []
  const name = (at: number): string => {
    const step = steps[Math.min(at, steps.length - 1)]!
    return printedName(line.notes[step.notes[0]!]!.pitch)
  }
  let at = 0
  const problem = runProblem(run, undefined, (term, cost) => {
    const crossed = name(holds[at]![0] === 1 ? at + 1 : at)
    charges.push({ term, cost, leg: steps[at]!.leg, place: String(at), note: name(at), crossed })
  })
  const told = {
    ...problem,
    one: (here: number, hold: (typeof holds)[number]) => problem.one((at = here), hold),
    two: (here: number, a: (typeof holds)[number], b: (typeof holds)[number]) => problem.two((at = here), a, b),
  }
  costOf(told, holds)
  return charges
}

/** What `other` pays more for than `chosen`, dearest first, each term once. */
export function dearerIn(chosen: readonly Charge[], other: readonly Charge[]): Charge[] {
  const sum = (charges: readonly Charge[], term: Term): number =>
    charges.reduce((total, charge) => total + (charge.term === term ? charge.cost : 0), 0)
  const terms = [...new Set(other.map((charge) => charge.term))]
  return terms
    .map((term) => {
      const among = other.filter((charge) => charge.term === term)
      const known = new Set(chosen.filter((charge) => charge.term === term).map((charge) => charge.place))
      const newest = among.find((charge) => !known.has(charge.place)) ?? among[0]!
      return { ...newest, cost: sum(other, term) - sum(chosen, term) }
    })
    .filter((charge) => charge.cost > 1e-9)
    .sort((a, b) => b.cost - a.cost)
}
