import { type PosedProgram, asProgram } from './asProgram'
import { combinations } from './choices'
import { GainFlow } from './flow'
import { type Match, nearest } from './match'
import type { Atom } from './model'
import { relaxed, type Solution, type Solver } from './program'
import { gainOf, type Part, type Worth, worthOf } from './worth'

/** A choice that is still open, or how it was made. */
export interface Decisions {
  /** Bundles taken, by place of the choice set; missing while open. */
  readonly taken: ReadonlyMap<number, readonly number[]>
  /** Form chosen over a scope; missing while open. */
  readonly form: ReadonlyMap<string, string>
}

/** A stock that serves an atom, and how near it comes. */
export interface Serving {
  readonly stock: number
  readonly match: Match
}

export interface Found {
  readonly value: number
  /** By atom. */
  readonly served: ReadonlyMap<number, Serving>
}

/** By how much the best that was found may fall short of the best there is, where that could not be proven. */
export interface Gap {
  /** So many more could be covered at the most. */
  readonly covered: number
  /** Where none could: so many more could be near at the most. */
  readonly near: number
}

/** What there is to find the best assignment with. */
export interface Means {
  /** Whose help is asked where choices overlap so much that bounds do not decide. */
  readonly solver: Solver | null
  /** Milliseconds that a solver is given for one part. */
  readonly milliseconds: number
  /** How much is weighed before help is asked, or the rest left aside: ways from a stock to an atom, gone through. */
  readonly patience: number
}

/** Without help. */
export const OWN_MEANS: Means = { solver: null, milliseconds: 0, patience: 400_000 }

interface Best {
  readonly found: Found
  readonly decisions: Decisions
}

/** A node's limits for a bound: how many of which atoms, and which are left out. */
interface Limits {
  readonly out: ReadonlySet<number>
  readonly limitOf: ReadonlyMap<number, number>
  readonly room: readonly number[]
  readonly required: number
}

const START: Decisions = { taken: new Map(), form: new Map() }

/** The best assignment of one part. */
export class Weighing {
  private readonly worth: Worth
  private readonly pairCount: number
  private spent = 0
  private best: Best | null = null
  /** The most that any way left aside could come to. */
  private left = -Infinity
  /** What a solver's bound leaves at the most. */
  private ceiling = Infinity

  constructor(
    private readonly atoms: readonly Atom[],
    private readonly part: Part,
    private readonly means: Means,
  ) {
    this.worth = worthOf(part.atoms.length, part.stocks)
    this.pairCount = part.stocks.reduce((sum, { matchesByAtom }) => sum + matchesByAtom.size, 0)
  }

  private kindOf(atom: number, match: Match): string {
    return this.atoms[atom]!.variants[match.variant]!.kind
  }

  /** The best match that the decisions allow. */
  private allowed(atom: number, matches: readonly Match[], { form }: Decisions): Match | null {
    const { scope } = this.atoms[atom]!
    const chosen = scope === null ? undefined : form.get(scope)
    return nearest(chosen === undefined ? matches : matches.filter((match) => this.kindOf(atom, match) === chosen))
  }

  private limitsOf(decisions: Decisions): Limits {
    const { limits, bundled } = this.part
    const out = new Set<number>()
    const limitOf = new Map<number, number>()
    const room: number[] = []
    let required = 0
    for (const set of limits) {
      for (const [atom] of set.bundles) limitOf.set(atom!, room.length)
      room.push(set.any)
    }
    bundled.forEach((set, at) => {
      const taken = decisions.taken.get(at)
      const sizes = set.bundles.map((bundle) => bundle.length).sort((a, b) => a - b)
      if (taken === undefined) {
        required += sizes.slice(0, set.any).reduce((sum, size) => sum + size, 0)
        for (const atom of set.bundles.flat()) limitOf.set(atom, room.length)
        room.push(sizes.slice(-set.any).reduce((sum, size) => sum + size, 0))
        return
      }
      required += taken.reduce((sum, bundle) => sum + set.bundles[bundle]!.length, 0)
      set.bundles.forEach((bundle, place) => {
        if (!taken.includes(place)) for (const atom of bundle) out.add(atom)
      })
    })
    return { out, limitOf, room, required }
  }

  /** The best that can be had while open choices may be made differently for every atom: no decision does better. */
  private bound(decisions: Decisions): Found {
    this.spent += this.pairCount
    const { stocks, atoms } = this.part
    const { out, limitOf, room, required } = this.limitsOf(decisions)
    const stockNode = (stock: number) => 2 + stock
    const atomNode = new Map(atoms.map((atom, at) => [atom, 2 + stocks.length + at]))
    const limitNode = (limit: number) => 2 + stocks.length + atoms.length + limit
    const flow = new GainFlow(limitNode(room.length))
    const links: { atom: number; serving: Serving; flows: () => number }[] = []
    stocks.forEach(({ units, matchesByAtom }, stock) => {
      flow.join(0, stockNode(stock), units.length, 0)
      for (const [atom, matches] of matchesByAtom) {
        const match = out.has(atom) ? null : this.allowed(atom, matches, decisions)
        if (!match) continue
        const flows = flow.join(stockNode(stock), atomNode.get(atom)!, 1, gainOf(this.worth, match))
        links.push({ atom, serving: { stock, match }, flows })
      }
    })
    for (const atom of atoms) {
      const limit = limitOf.get(atom)
      flow.join(atomNode.get(atom)!, limit === undefined ? 1 : limitNode(limit), 1, 0)
    }
    room.forEach((most, limit) => flow.join(limitNode(limit), 1, most, 0))
    const value = flow.run(0, 1) - this.worth.covered * required
    const served = new Map<number, Serving>()
    for (const { atom, serving, flows } of links) if (flows() > 0) served.set(atom, serving)
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

  private formsOf(scope: string): string[] {
    const atom = this.part.atoms.find((at) => this.atoms[at]!.scope === scope)!
    return [...new Set(this.atoms[atom]!.variants.map((variant) => variant.kind))]
  }

  /** The ways to decide what is open next; none when all is decided, or nothing is torn. */
  private choicesOn(found: Found, decisions: Decisions): Decisions[] {
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
    return this.formsOf(scope).map((kind) => ({ ...decisions, form: new Map([...decisions.form, [scope, kind]]) }))
  }

  private keep(found: Found, decisions: Decisions): void {
    if (!this.best || found.value > this.best.found.value) this.best = { found, decisions }
  }

  /** Branch and bound; where patience runs out what is left aside is noted. */
  private go(decisions: Decisions, found: Found): void {
    if (this.best && found.value <= this.best.found.value) return
    if (this.spent > this.means.patience) {
      this.left = Math.max(this.left, found.value)
      return
    }
    const next = this.choicesOn(found, decisions)
    if (next.length === 0) {
      this.keep(found, decisions)
      return
    }
    next
      .map((way) => ({ way, bound: this.bound(way) }))
      .sort((a, b) => b.bound.value - a.bound.value)
      .forEach(({ way, bound }) => this.go(way, bound))
  }

  /** Decides as most of what could be had without deciding is. */
  private guess({ served }: Found): void {
    const { bundled } = this.part
    const count = new Map<string, number>()
    for (const [atom, { match }] of served) {
      const { scope } = this.atoms[atom]!
      const key = `${scope} ${this.kindOf(atom, match)}`
      if (scope !== null) count.set(key, (count.get(key) ?? 0) + 1)
    }
    const scopes = [...new Set(this.part.atoms.flatMap((atom) => this.atoms[atom]!.scope ?? []))]
    const form = scopes.map((scope): [string, string] => {
      const of = (kind: string) => count.get(`${scope} ${kind}`) ?? 0
      return [scope, this.formsOf(scope).reduce((a, b) => (of(b) > of(a) ? b : a))]
    })
    const taken = bundled.map(({ bundles, any }, at): [number, number[]] => {
      const lacking = bundles.map((bundle) => bundle.filter((atom) => !served.has(atom)).length)
      const places = bundles.map((_, place) => place).sort((a, b) => lacking[a]! - lacking[b]! || a - b)
      return [at, places.slice(0, any).sort((a, b) => a - b)]
    })
    const decisions = { taken: new Map(taken), form: new Map(form) }
    this.keep(this.bound(decisions), decisions)
  }

  /** How a solution decides; where it is in two minds, for what it is more for. */
  private decisionsOf({ values }: Solution, { forms, taken }: PosedProgram): Decisions {
    const most = (some: readonly number[]): number => some.reduce((a, b) => (values[b]! > values[a]! ? b : a))
    const form = [...forms].map(([scope, kinds]): [string, string] => {
      const chosen = most([...kinds.values()])
      return [scope, [...kinds].find(([, column]) => column === chosen)![0]]
    })
    const bundles = taken.map((columns, at): [number, number[]] => {
      const places = columns
        .map((_, place) => place)
        .sort((a, b) => values[columns[b]!]! - values[columns[a]!]! || a - b)
      return [at, places.slice(0, this.part.bundled[at]!.any).sort((a, b) => a - b)]
    })
    return { taken: new Map(bundles), form: new Map(form) }
  }

  /**
   * Asks the solver how to decide; what that comes to is reckoned here. First with decisions that need not be whole: no
   * assignment gains more, and most often one gains as much. True where nothing better can be.
   */
  private ask(solver: Solver): boolean {
    const until = performance.now() + this.means.milliseconds
    const required = asProgram(this.atoms, this.part, this.worth)
    for (const program of [relaxed(required.program), required.program]) {
      const solution = solver(program, Math.max(1, until - performance.now()))
      if (!solution) continue
      const decisions = this.decisionsOf(solution, required)
      this.keep(this.bound(decisions), decisions)
      if (!solution.proven) continue
      if (program === required.program) return true
      this.ceiling = Math.floor(solution.gain + 0.5)
      if (this.best!.found.value >= this.ceiling) return true
    }
    return false
  }

  private gapTo({ found }: Best): Gap | null {
    const most = Math.min(this.left, this.ceiling)
    if (most <= found.value) return null
    const { covered, near } = this.worth
    const more = Math.floor(most / covered) - Math.floor(found.value / covered)
    if (more > 0) return { covered: more, near: 0 }
    return { covered: 0, near: Math.max(0, Math.floor(most / near) - Math.floor(found.value / near)) }
  }

  /**
   * The best that the candidate's choices come to, and how far from the best it may be: null where nothing is better. Of
   * equals the first in printed order of the choices.
   */
  weigh(): Best & { readonly gap: Gap | null } {
    const { solver } = this.means
    const root = this.bound(START)
    this.go(START, root)
    if (this.left > -Infinity && solver && this.ask(solver)) this.left = -Infinity
    if (!this.best) this.guess(root)
    const best = this.best!
    return { ...best, gap: this.gapTo(best) }
  }
}
