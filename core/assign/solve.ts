import type { Problem, Solution } from './problem'

/** One of the best ways to reach a node: its cost, and the way it continues backward. */
interface Way {
  readonly cost: number
  readonly state: number
  readonly before: Way | null
}

/** Ways to have state `a` at the place before and `b` here, best first, at `a * width + b`; absent where impossible. */
interface Front {
  readonly width: number
  readonly ways: (Way[] | undefined)[]
}

/** A state that can follow, and what taking it costs by itself and after the one before. */
interface Follower {
  readonly state: number
  readonly cost: number
}

/** Keeps `ways` sorted and at most `k` long; earlier finds win ties, so that results are stable. */
function keep(ways: Way[], way: Way, k: number): void {
  if (ways.length === k && way.cost >= ways[k - 1]!.cost) return
  let at = ways.length
  while (at > 0 && ways[at - 1]!.cost > way.cost) at--
  ways.splice(at, 0, way)
  if (ways.length > k) ways.pop()
}

/** A problem's costs, looked up once each. */
class Table<S> {
  readonly states: (readonly S[])[]
  private readonly ones: number[][]
  private readonly follows: (Follower[][] | undefined)[] = []
  private readonly threes: (Float64Array | undefined)[] = []

  constructor(readonly problem: Problem<S>) {
    this.states = Array.from({ length: problem.length }, (_, at) => problem.states(at))
    this.ones = this.states.map((states, at) => states.map((state) => problem.one(at, state)))
  }

  one(at: number, state: number): number {
    return this.ones[at]![state]!
  }

  /** States that can follow each state of a place (round the end, in a ring), with their cost. */
  followers(at: number): Follower[][] {
    return (this.follows[at] ??= this.states[at]!.map((a) => {
      const next = (at + 1) % this.problem.length
      const all = this.states[next]!.map((b, state) => {
        const cost = this.problem.two(at, a, b) + this.ones[next]![state]!
        return { state, cost }
      })
      return all.filter(({ cost }) => cost < Infinity)
    }))
  }

  /** A ring asks for the same three again for each beginning, so there they are kept. */
  three(at: number, a: number, b: number, c: number): number {
    const { problem, states } = this
    if (!problem.three) return 0
    const n = problem.length
    const [first, second, third] = [states[at]!, states[(at + 1) % n]!, states[(at + 2) % n]!]
    if (!problem.cyclic) return problem.three(at, first[a]!, second[b]!, third[c]!)
    const known = (this.threes[at] ??= new Float64Array(first.length * second.length * third.length).fill(NaN))
    const key = (a * second.length + b) * third.length + c
    const found = known[key]!
    return Number.isNaN(found) ? (known[key] = problem.three(at, first[a]!, second[b]!, third[c]!)) : found
  }
}

/** Moves the front one place on: from (at-1, at) to (at, at+1). Ways that have reached `bound` are given up. */
function advance<S>(table: Table<S>, front: Front, at: number, k: number, bound = Infinity): Front {
  const followers = table.followers(at)
  const width = table.states[at + 1]!.length
  const next: (Way[] | undefined)[] = new Array(followers.length * width)
  for (let node = 0; node < front.ways.length; node++) {
    const ways = front.ways[node]
    if (!ways) continue
    const a = Math.floor(node / front.width)
    const b = node % front.width
    for (const { state, cost: step } of followers[b]!) {
      const cost = step + table.three(at - 1, a, b, state)
      if (cost === Infinity) continue
      const here = (next[b * width + state] ??= [])
      for (const before of ways) {
        const total = before.cost + cost
        if (total >= bound) break
        if (here.length < k || total < here[k - 1]!.cost) keep(here, { cost: total, state, before }, k)
      }
    }
  }
  return { width, ways: next }
}

/** Every possible first pair of states, with its one way. */
function beginnings<S>(table: Table<S>): { a: number; b: number; way: Way }[] {
  return table.states[0]!.flatMap((_, a) => {
    const first = table.one(0, a)
    if (first === Infinity) return []
    const before: Way = { cost: first, state: a, before: null }
    const followers = table.followers(0)[a]!
    return followers.map(({ state, cost }) => ({ a, b: state, way: { cost: first + cost, state, before } }))
  })
}

function frontOf<S>(table: Table<S>, starts: readonly { a: number; b: number; way: Way }[]): Front {
  const width = table.states[1]!.length
  const ways: (Way[] | undefined)[] = new Array(table.states[0]!.length * width)
  for (const { a, b, way } of starts) ways[a * width + b] = [way]
  return { width, ways }
}

function read<S>(table: Table<S>, way: Way): Solution<S> {
  const states: S[] = []
  let at = table.problem.length - 1
  for (let here: Way | null = way; here; here = here.before) states[at] = table.states[at--]![here.state]!
  return { states, cost: way.cost }
}

/** One place only: the cheapest states themselves. */
function solvePlace<S>(table: Table<S>, k: number): Way[] {
  const best: Way[] = []
  table.states[0]!.forEach((_, state) => {
    const cost = table.one(0, state)
    if (cost < Infinity) keep(best, { cost, state, before: null }, k)
  })
  return best
}

function solveRow<S>(table: Table<S>, k: number): Way[] {
  const best: Way[] = []
  let front = frontOf(table, beginnings(table))
  for (let at = 1; at + 1 < table.problem.length; at++) front = advance(table, front, at, k)
  for (const ways of front.ways) for (const way of ways ?? []) keep(best, way, k)
  return best
}

/** A ring is cut at its first pair; for each choice of that pair the rest is a row that must close again. */
function solveRing<S>(table: Table<S>, k: number): Way[] {
  const n = table.problem.length
  if (n < 3) throw new RangeError('A ring needs at least three places.')
  const best: Way[] = []
  const closing = table.followers(n - 1)
  // cheap beginnings first: what is found early bounds what comes later, since costs only grow
  const starts = beginnings(table).sort((a, b) => a.way.cost - b.way.cost)
  for (const start of starts) {
    const bound = best.length === k ? best[k - 1]!.cost : Infinity
    if (start.way.cost >= bound) break
    let front = frontOf(table, [start])
    for (let at = 1; at + 1 < n; at++) front = advance(table, front, at, k, bound)
    front.ways.forEach((ways, node) => {
      const y = Math.floor(node / front.width)
      const z = node % front.width
      const close = closing[z]!.find(({ state }) => state === start.a)
      if (!ways || !close) return
      // the first place's own cost stands in the beginning already
      const step = close.cost - table.one(0, start.a)
      const cost = step + table.three(n - 2, y, z, start.a) + table.three(n - 1, z, start.a, start.b)
      for (const way of ways) if (way.cost + cost < Infinity) keep(best, { ...way, cost: way.cost + cost }, k)
    })
  }
  return best
}

/**
 * The `k` cheapest rows of states, cheapest first; fewer if fewer are possible, none if none is. Exact: dynamic
 * programming over pairs of successive states. Time grows with length x states^3 x k (a ring: x states^2 again,
 * less what is forbidden).
 */
export function solve<S>(problem: Problem<S>, k = 1): Solution<S>[] {
  if (problem.length === 0) return [{ states: [], cost: 0 }]
  const table = new Table(problem)
  const ways = problem.cyclic ? solveRing(table, k) : problem.length === 1 ? solvePlace(table, k) : solveRow(table, k)
  return ways.map((way) => read(table, way))
}
