import type { Problem, Solution } from './problem'
import { Table } from './table'
import { type ToGo, toGoOf } from './toGo'

/** Least cost of everything up to and with a pair of successive states, by place of the first, at `a * width + b`. */
function comingOf<S>(table: Table<S>): ToGo {
  const coming: Float64Array[] = []
  for (let at = 0; at + 1 < table.length; at++) {
    const followers = table.followers(at)
    const width = table.width(at + 1)
    const here = new Float64Array(followers.length * width).fill(Infinity)
    for (let a = 0; a < followers.length; a++) {
      for (const { state: b, cost } of followers[a]!) {
        const before = at === 0 ? table.one(0, a) : leastBefore(table, coming[at - 1]!, at, a, b)
        here[a * width + b] = before + cost
      }
    }
    coming.push(here)
  }
  return coming
}

function leastBefore<S>(table: Table<S>, coming: Float64Array, at: number, a: number, b: number): number {
  const width = table.width(at)
  let least = Infinity
  for (let z = 0; z < table.width(at - 1); z++) {
    const sofar = coming[z * width + a]!
    if (sofar >= least) continue
    const whole = sofar + table.three(at - 1, z, a, b)
    if (whole < least) least = whole
  }
  return least
}

/** The best rows through chosen places: what else could stand there, and what the whole would then cost. */
export class Through<S> {
  private readonly table: Table<S>
  private readonly coming: ToGo
  private readonly toGo: ToGo

  /** Works on rows, not on rings. Takes twice the time of one `solve`, and then answers for any place. */
  constructor(problem: Problem<S>) {
    if (problem.cyclic) throw new RangeError('Only a row has a way through.')
    this.table = new Table(problem)
    this.coming = comingOf(this.table)
    this.toGo = problem.length > 1 ? toGoOf(this.table, () => 0) : []
  }

  /** The cheapest row whose state at a place is one of those wanted; undefined where none is possible. */
  best(at: number, wanted: (state: S) => boolean): Solution<S> | undefined {
    const { table } = this
    if (table.length === 1) return this.alone(wanted)
    const first = Math.min(at, table.length - 2)
    const states = table.states[at]!.map(wanted)
    const width = table.width(first + 1)
    let [least, from] = [Infinity, -1]
    this.coming[first]!.forEach((cost, pair) => {
      const state = at === first ? Math.floor(pair / width) : pair % width
      const whole = states[state] ? cost + this.toGo[first]![pair]! : Infinity
      if (whole < least) [least, from] = [whole, pair]
    })
    if (from < 0) return undefined
    return { cost: least, states: this.read(first, Math.floor(from / width), from % width) }
  }

  private alone(wanted: (state: S) => boolean): Solution<S> | undefined {
    const costs = this.table.states[0]!.map((state, at) => (wanted(state) ? this.table.one(0, at) : Infinity))
    const cost = Math.min(...costs)
    return cost < Infinity ? { cost, states: [this.table.states[0]![costs.indexOf(cost)]!] } : undefined
  }

  /** Follows the least costs from a pair to both ends. */
  private read(first: number, a: number, b: number): S[] {
    const { table } = this
    const row = [a, b]
    for (let at = first; at > 0; at--) row.unshift(this.before(at, row[0]!, row[1]!))
    for (let at = first; at + 2 < table.length; at++) row.push(this.after(at, row.at(-2)!, row.at(-1)!))
    return row.map((state, at) => table.states[at]![state]!)
  }

  private before(at: number, a: number, b: number): number {
    const width = this.table.width(at)
    return cheapest(
      this.table.width(at - 1),
      (z) => this.coming[at - 1]![z * width + a]! + this.table.three(at - 1, z, a, b),
    )
  }

  private after(at: number, a: number, b: number): number {
    const width = this.table.width(at + 2)
    const costs = new Map(this.table.followers(at + 1)[b]!.map(({ state, cost }) => [state, cost]))
    return cheapest(width, (c) => {
      const cost = costs.get(c)
      return cost === undefined ? Infinity : cost + this.table.three(at, a, b, c) + this.toGo[at + 1]![b * width + c]!
    })
  }
}

function cheapest(count: number, cost: (at: number) => number): number {
  let [least, best] = [Infinity, 0]
  for (let at = 0; at < count; at++) {
    const here = cost(at)
    if (here < least) [least, best] = [here, at]
  }
  return best
}
