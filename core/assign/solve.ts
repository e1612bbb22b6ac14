import { type Problem, type Solution } from './problem'

/** One of the best ways to reach a node: its cost, and the way it continues backward. */
interface Way {
  readonly cost: number
  readonly state: number
  readonly before: Way | null
}

/** Ways to have state `a` at the place before and `b` here, best first, by `pair(a, b)`; the impossible is absent. */
type Front = Map<number, Way[]>

const MOST_STATES = 64
const pair = (a: number, b: number): number => a * MOST_STATES + b

/** Keeps `ways` sorted and at most `k` long; earlier finds win ties, so that results are stable. */
function keep(ways: Way[], way: Way, k: number): void {
  if (ways.length === k && way.cost >= ways[k - 1]!.cost) return
  let at = ways.length
  while (at > 0 && ways[at - 1]!.cost > way.cost) at--
  ways.splice(at, 0, way)
  if (ways.length > k) ways.pop()
}

class Table<S> {
  readonly states: (readonly S[])[]
  private readonly ones: number[][]
  private readonly twos: (number[][] | undefined)[] = []
  private readonly threes: Map<number, number>[] = []

  constructor(readonly problem: Problem<S>) {
    this.states = Array.from({ length: problem.length }, (_, at) => problem.states(at))
    this.ones = this.states.map((states, at) => states.map((state) => problem.one(at, state)))
  }

  one(at: number, state: number): number {
    return this.ones[at]![state]!
  }

  two(at: number): number[][] {
    const next = this.states[(at + 1) % this.problem.length]!
    return (this.twos[at] ??= this.states[at]!.map((a) => next.map((b) => this.problem.two(at, a, b))))
  }

  /** Asked for only where the pairs are possible; kept, since a ring asks again for each beginning. */
  three(at: number, a: number, b: number, c: number): number {
    const { problem, states } = this
    if (!problem.three) return 0
    const known = (this.threes[at] ??= new Map())
    const key = pair(pair(a, b), c)
    const found = known.get(key)
    if (found !== undefined) return found
    const n = problem.length
    const cost = problem.three(at, states[at]![a]!, states[(at + 1) % n]![b]!, states[(at + 2) % n]![c]!)
    known.set(key, cost)
    return cost
  }
}

/** Moves the front one place on: from (at-1, at) to (at, at+1). */
function advance<S>(table: Table<S>, front: Front, at: number, k: number): Front {
  const twos = table.two(at)
  const next: Front = new Map()
  for (const [key, ways] of front) {
    const a = Math.floor(key / MOST_STATES)
    const b = key % MOST_STATES
    twos[b]!.forEach((two, c) => {
      const step = two + table.one(at + 1, c)
      if (step === Infinity) return
      const cost = step + table.three(at - 1, a, b, c)
      if (cost === Infinity) return
      const here = next.get(pair(b, c)) ?? []
      for (const before of ways) keep(here, { cost: before.cost + cost, state: c, before }, k)
      next.set(pair(b, c), here)
    })
  }
  return next
}

/** Every possible first pair of states, with its one way. */
function beginnings<S>(table: Table<S>): [number, Way[]][] {
  return table.states[0]!.flatMap((_, a) =>
    table.states[1]!.flatMap((_, b): [number, Way[]][] => {
      const first = table.one(0, a)
      const cost = first + table.two(0)[a]![b]! + table.one(1, b)
      return cost === Infinity
        ? []
        : [[pair(a, b), [{ cost, state: b, before: { cost: first, state: a, before: null } }]]]
    }),
  )
}

function read<S>(table: Table<S>, way: Way): Solution<S> {
  const states: S[] = []
  let at = table.problem.length - 1
  for (let here: Way | null = way; here; here = here.before) states[at] = table.states[at--]![here.state]!
  return { states, cost: way.cost }
}

function solveRow<S>(table: Table<S>, k: number): Way[] {
  const n = table.problem.length
  const best: Way[] = []
  if (n === 1) {
    table.states[0]!.forEach((_, state) => {
      const cost = table.one(0, state)
      if (cost < Infinity) keep(best, { cost, state, before: null }, k)
    })
    return best
  }
  let front: Front = new Map(beginnings(table))
  for (let at = 1; at + 1 < n; at++) front = advance(table, front, at, k)
  for (const ways of front.values()) for (const way of ways) keep(best, way, k)
  return best
}

/** A ring is cut at its first pair; for each choice of that pair the rest is a row that must close again. */
function solveRing<S>(table: Table<S>, k: number): Way[] {
  const n = table.problem.length
  if (n < 3) throw new RangeError('A ring needs at least three places.')
  const best: Way[] = []
  const close = table.two(n - 1)
  for (const start of beginnings(table)) {
    const a = Math.floor(start[0] / MOST_STATES)
    const b = start[0] % MOST_STATES
    let front: Front = new Map([start])
    for (let at = 1; at + 1 < n; at++) front = advance(table, front, at, k)
    for (const [key, ways] of front) {
      const y = Math.floor(key / MOST_STATES)
      const z = key % MOST_STATES
      const closing = close[z]![a]!
      if (closing === Infinity) continue
      const cost = closing + table.three(n - 2, y, z, a) + table.three(n - 1, z, a, b)
      for (const way of ways) if (way.cost + cost < Infinity) keep(best, { ...way, cost: way.cost + cost }, k)
    }
  }
  return best
}

/**
 * The `k` cheapest rows of states, cheapest first; fewer if fewer are possible, none if none is. Exact: dynamic
 * programming over pairs of successive states. Time grows with length x states^3 x k (a ring: x states^2 again,
 * less what is forbidden). At most 64 states to a place.
 */
export function solve<S>(problem: Problem<S>, k = 1): Solution<S>[] {
  if (problem.length === 0) return [{ states: [], cost: 0 }]
  const table = new Table(problem)
  const ways = problem.cyclic ? solveRing(table, k) : solveRow(table, k)
  return ways.map((way) => read(table, way))
}
