import type { ChoiceSet } from './choices'
import type { Match } from './match'
import type { Atom } from './model'
import { type Pairs, parts, type Stock } from './pairs'
import { type Found, type Decisions, type Gap, type Means, OWN_MEANS, type Serving, Weighing } from './weighing'
import type { Part } from './worth'

export interface Assigned {
  readonly unit: number
  readonly match: Match
}

/** Which atom is served by what; which of the candidate's choices were taken. */
interface Assignment {
  readonly served: readonly (Assigned | undefined)[]
  /** Atoms that count: all but what choices leave out. Of sets with single atoms those served, else the first ones. */
  readonly wanted: readonly boolean[]
  /** How much better another might be; null where none is. */
  readonly gap: Gap | null
}

const isSingle = (set: ChoiceSet): boolean => set.bundles.every((bundle) => bundle.length === 1)

/** Which atoms count where a choice set takes some of them. */
function markWanted(wanted: boolean[], { limits, bundled }: Part, found: Found, { taken }: Decisions): void {
  for (const { bundles, any } of limits) {
    const singles = bundles.map(([atom]) => atom!)
    const remaining = [
      ...singles.filter((at) => found.served.has(at)),
      ...singles.filter((at) => !found.served.has(at)),
    ]
    for (const at of remaining.slice(any)) wanted[at] = false
  }
  bundled.forEach(({ bundles }, at) => {
    bundles.forEach((bundle, place) => {
      if (!taken.get(at)!.includes(place)) for (const atom of bundle) wanted[atom] = false
    })
  })
}

/** Units of the stocks that serve, one to each atom, both in their order. */
function drawn(served: Found['served'], stocks: readonly Stock[], { unitMatches }: Pairs): Map<number, Assigned> {
  const byStock = new Map<number, [number, Serving][]>()
  for (const one of served) byStock.set(one[1].stock, [...(byStock.get(one[1].stock) ?? []), one])
  const found = new Map<number, Assigned>()
  for (const [stock, atoms] of byStock) {
    atoms
      .sort(([a], [b]) => a - b)
      .forEach(([atom, { match }], at) => {
        const unit = stocks[stock]!.units[at]!
        const own = unitMatches[unit]!.get(atom)!.find(({ variant }) => variant === match.variant)!
        found.set(atom, { unit, match: own })
      })
  }
  return found
}

const sum = (a: Gap | null, b: Gap | null): Gap | null =>
  a && b ? { covered: a.covered + b.covered, near: a.near + b.near } : (a ?? b)

/**
 * Studies to atoms, one to one: least uncovered, then most near, then least left to mend; never more than choices ask,
 * and one form where the candidate chooses one for several. Exact, or with its gap where even a solver's time ran out.
 * The answer depends on the order of atoms and units only among equals; callers bring both into an order of their own.
 */
export function assign(
  atoms: readonly Atom[],
  pairs: Pairs,
  sets: readonly ChoiceSet[],
  means: Means = OWN_MEANS,
): Assignment {
  const { stocks } = pairs
  const scopes = new Map<string, number[]>()
  atoms.forEach(({ scope }, at) => {
    if (scope !== null) scopes.set(scope, [...(scopes.get(scope) ?? []), at])
  })
  const ties = [
    ...stocks.map(({ matchesByAtom }) => [...matchesByAtom.keys()]),
    ...sets.map((set) => set.bundles.flat()),
    ...scopes.values(),
  ]
  const groups = parts(
    atoms.length,
    ties.filter((tie) => tie.length > 0),
  )
  const partOf: number[] = []
  groups.forEach((members, part) => members.forEach((at) => (partOf[at] = part)))
  const stocksIn: Stock[][] = groups.map(() => [])
  for (const stock of stocks) stocksIn[partOf[stock.matchesByAtom.keys().next().value!]!]!.push(stock)
  const served: (Assigned | undefined)[] = atoms.map(() => undefined)
  const wanted = atoms.map(() => true)
  let gap: Gap | null = null
  groups.forEach((members, at) => {
    const own = sets.filter((set) => partOf[set.bundles[0]![0]!] === at)
    if (stocksIn[at]!.length === 0 && own.length === 0) return
    const part: Part = {
      atoms: members,
      stocks: stocksIn[at]!,
      limits: own.filter(isSingle),
      bundled: own.filter((set) => !isSingle(set)),
    }
    const best = new Weighing(atoms, part, means).weigh()
    for (const [atom, how] of drawn(best.found.served, part.stocks, pairs)) served[atom] = how
    markWanted(wanted, part, best.found, best.decisions)
    gap = sum(gap, best.gap)
  })
  return { served, wanted, gap }
}
