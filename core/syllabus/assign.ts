import { type ChoiceSet, combinations } from './choices'
import { GainFlow } from './flow'
import { type Match, nearest } from './match'
import type { Atom } from './model'
import { type Pair, type Pairs, parts } from './pairs'

/** What serving an atom is worth: one that is covered more than any number of near ones, a near one more than any effort. */
interface Worth {
  readonly covered: number
  readonly near: number
}

/** By how much there is to gain and to lose at the most, so that nothing of lower rank outweighs one of higher. */
function worthOf(atoms: number, pairs: readonly Pair[]): Worth {
  const worst = Math.max(0, ...pairs.flatMap(({ matches }) => matches.map(({ effort }) => effort)))
  const near = 1 + atoms * worst
  return { near, covered: 1 + atoms * near }
}

const gainOf = ({ covered, near }: Worth, match: Match): number =>
  match.short.length === 0 ? covered : near - match.effort

export interface Assigned {
  readonly unit: number
  readonly match: Match
}

/** Which atom is served by what; which of the candidate's choices were taken. */
interface Assignment {
  readonly served: readonly (Assigned | undefined)[]
  /** Atoms that count: all but what choices leave out. Of sets with single atoms those served, else the first ones. */
  readonly wanted: readonly boolean[]
}

/** A choice that is still open, or how it was made. */
interface Decisions {
  /** Bundles taken, by place of the choice set; missing while open. */
  readonly taken: ReadonlyMap<number, readonly number[]>
  /** Form chosen over a scope; missing while open. */
  readonly form: ReadonlyMap<string, string>
}

interface Found {
  readonly value: number
  readonly served: Map<number, Assigned>
}

/** What hangs together: atoms with those that studies or choices tie to them. */
interface Part {
  readonly atoms: readonly number[]
  readonly pairs: readonly Pair[]
  /** Choice sets of single atoms: no more than a capacity. */
  readonly limits: readonly ChoiceSet[]
  /** Choice sets whose bundles have to be weighed. */
  readonly bundled: readonly ChoiceSet[]
}

const isSingle = (set: ChoiceSet): boolean => set.bundles.every((bundle) => bundle.length === 1)

class Weighing {
  private readonly worth: Worth

  constructor(
    private readonly atoms: readonly Atom[],
    private readonly part: Part,
  ) {
    this.worth = worthOf(part.atoms.length, part.pairs)
  }

  private kindOf(atom: number, match: Match): string {
    return this.atoms[atom]!.variants[match.variant]!.kind
  }

  /** The best match that the decisions allow. */
  private allowed({ atom, matches }: Pair, { form }: Decisions): Match | null {
    const chosen = this.atoms[atom]!.scope === null ? undefined : form.get(this.atoms[atom]!.scope!)
    return nearest(chosen === undefined ? matches : matches.filter((match) => this.kindOf(atom, match) === chosen))
  }

  /** The best that can be had while open choices may be made differently for every atom: no decision does better. */
  private bound(decisions: Decisions): Found {
    const { limits, bundled, pairs, atoms } = this.part
    const out = new Set<number>()
    const limitOf = new Map<number, number>()
    const room: number[] = []
    let asked = 0
    limits.forEach((set) => {
      for (const [atom] of set.bundles) limitOf.set(atom!, room.length)
      room.push(set.any)
    })
    bundled.forEach((set, at) => {
      const taken = decisions.taken.get(at)
      const sizes = set.bundles.map((bundle) => bundle.length).sort((a, b) => a - b)
      const few = sizes.slice(0, set.any).reduce((sum, size) => sum + size, 0)
      if (taken === undefined) {
        asked += few
        for (const atom of set.bundles.flat()) limitOf.set(atom, room.length)
        room.push(sizes.slice(-set.any).reduce((sum, size) => sum + size, 0))
      } else {
        asked += taken.reduce((sum, bundle) => sum + set.bundles[bundle]!.length, 0)
        set.bundles.forEach((bundle, place) => {
          if (!taken.includes(place)) for (const atom of bundle) out.add(atom)
        })
      }
    })
    const units = [...new Set(pairs.map((pair) => pair.unit))]
    const unitNode = new Map(units.map((unit, at) => [unit, 2 + at]))
    const atomNode = new Map(atoms.map((atom, at) => [atom, 2 + units.length + at]))
    const limitNode = (limit: number) => 2 + units.length + atoms.length + limit
    const flow = new GainFlow(limitNode(room.length))
    for (const unit of units) flow.join(0, unitNode.get(unit)!, 1, 0)
    const links: { atom: number; unit: number; match: Match; flows: () => number }[] = []
    for (const pair of pairs) {
      const match = out.has(pair.atom) ? null : this.allowed(pair, decisions)
      if (!match) continue
      const flows = flow.join(unitNode.get(pair.unit)!, atomNode.get(pair.atom)!, 1, gainOf(this.worth, match))
      links.push({ atom: pair.atom, unit: pair.unit, match, flows })
    }
    for (const atom of atoms) {
      const limit = limitOf.get(atom)
      flow.join(atomNode.get(atom)!, limit === undefined ? 1 : limitNode(limit), 1, 0)
    }
    room.forEach((most, limit) => flow.join(limitNode(limit), 1, most, 0))
    const value = flow.run(0, 1) - this.worth.covered * asked
    const served = new Map<number, Assigned>()
    for (const { atom, unit, match, flows } of links) if (flows() > 0) served.set(atom, { unit, match })
    return { value, served }
  }

  /** A scope whose atoms are met in more than one form. */
  private torn({ served }: Found, { form }: Decisions): string | null {
    const seen = new Map<string, string>()
    for (const [atom, { match }] of served) {
      const { scope } = this.atoms[atom]!
      if (scope === null || form.has(scope)) continue
      const kind = this.kindOf(atom, match)
      if (seen.has(scope) && seen.get(scope) !== kind) return scope
      seen.set(scope, kind)
    }
    return null
  }

  private openBundles({ taken }: Decisions): number {
    return this.part.bundled.findIndex((_, at) => !taken.has(at))
  }

  /** The ways to decide what is open next; none when all is decided, or nothing is torn. */
  private ways(found: Found, decisions: Decisions): Decisions[] {
    const open = this.openBundles(decisions)
    if (open >= 0) {
      const { bundles, any } = this.part.bundled[open]!
      return combinations(bundles.length, any).map((taken) => ({
        ...decisions,
        taken: new Map([...decisions.taken, [open, taken]]),
      }))
    }
    const scope = this.torn(found, decisions)
    if (scope === null) return []
    const atom = this.part.atoms.find((at) => this.atoms[at]!.scope === scope)!
    const kinds = [...new Set(this.atoms[atom]!.variants.map((variant) => variant.kind))]
    return kinds.map((kind) => ({ ...decisions, form: new Map([...decisions.form, [scope, kind]]) }))
  }

  /** Branch and bound over the candidate's choices; exact. Of equals the first in printed order of the choices. */
  best(): { found: Found; decisions: Decisions } {
    let best: { found: Found; decisions: Decisions } | null = null
    const go = (decisions: Decisions, found: Found): void => {
      if (best && found.value <= best.found.value) return
      const ways = this.ways(found, decisions)
      if (ways.length === 0) {
        best = { found, decisions }
        return
      }
      ways
        .map((way) => ({ way, bound: this.bound(way) }))
        .sort((a, b) => b.bound.value - a.bound.value)
        .forEach(({ way, bound }) => go(way, bound))
    }
    const start: Decisions = { taken: new Map(), form: new Map() }
    go(start, this.bound(start))
    return best!
  }
}

/** Which atoms count where a choice set takes some of them. */
function markWanted(wanted: boolean[], { limits, bundled }: Part, found: Found, { taken }: Decisions): void {
  for (const { bundles, any } of limits) {
    const singles = bundles.map(([atom]) => atom!)
    const kept = [...singles.filter((at) => found.served.has(at)), ...singles.filter((at) => !found.served.has(at))]
    for (const at of kept.slice(any)) wanted[at] = false
  }
  bundled.forEach(({ bundles }, at) => {
    bundles.forEach((bundle, place) => {
      if (!taken.get(at)!.includes(place)) for (const atom of bundle) wanted[atom] = false
    })
  })
}

/**
 * Studies to atoms, one to one: least uncovered, then most near, then least left to mend; never more than choices ask,
 * and one form where the candidate chooses one for several. Exact. The answer depends on the order of atoms and units
 * only among equals; callers bring both into an order of their own.
 */
export function assign(atoms: readonly Atom[], { pairs }: Pairs, sets: readonly ChoiceSet[]): Assignment {
  const scopes = [...new Set(atoms.flatMap(({ scope }) => scope ?? []))]
  const byUnit = new Map<number, number[]>()
  for (const { unit, atom } of pairs) byUnit.set(unit, [...(byUnit.get(unit) ?? []), atom])
  const ties = [
    ...byUnit.values(),
    ...sets.map((set) => set.bundles.flat()),
    ...scopes.map((scope) => atoms.flatMap((atom, at) => (atom.scope === scope ? [at] : []))),
  ]
  const served: (Assigned | undefined)[] = atoms.map(() => undefined)
  const wanted = atoms.map(() => true)
  const partOf: number[] = []
  const groups = parts(
    atoms.length,
    ties.filter((tie) => tie.length > 0),
  )
  groups.forEach((members, part) => members.forEach((at) => (partOf[at] = part)))
  const pairsIn: Pair[][] = groups.map(() => [])
  for (const pair of pairs) pairsIn[partOf[pair.atom]!]!.push(pair)
  groups.forEach((members, at) => {
    const own = sets.filter((set) => partOf[set.bundles[0]![0]!] === at)
    const limits = own.filter(isSingle)
    const bundled = own.filter((set) => !isSingle(set))
    if (pairsIn[at]!.length === 0 && own.length === 0) return
    const part: Part = { atoms: members, pairs: pairsIn[at]!, limits, bundled }
    const { found, decisions } = new Weighing(atoms, part).best()
    for (const [atom, how] of found.served) served[atom] = how
    markWanted(wanted, part, found, decisions)
  })
  return { served, wanted }
}
