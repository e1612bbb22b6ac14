import type { Problem, Solution } from './problem'
import { Table } from './table'
import { leastAfter, type ToGo, toGoOf } from './toGo'

/** The beginning of a row of states, with what the cheapest way to finish it will have cost in all. */
interface Path {
  readonly at: number
  readonly state: number
  readonly before: Path | null
  /** Cost so far. */
  readonly cost: number
  /** Cost so far and the least that the rest can cost: exact, so no way is followed in vain. */
  readonly total: number
}

/** Keeps `ways` sorted and at most `k` long; earlier finds win ties, so that results are stable. */
function keep(paths: Path[], way: Path, k: number): void {
  if (way.total === Infinity || (paths.length === k && way.total >= paths[k - 1]!.total)) return
  let at = paths.length
  while (at > 0 && paths[at - 1]!.total > way.total) at--
  paths.splice(at, 0, way)
  if (paths.length > k) paths.pop()
}

/** Follows the `k` best of some first pairs to their ends. */
function follow<S>(table: Table<S>, toGo: ToGo, starts: readonly Path[], k: number): Path[] {
  const paths: Path[] = []
  for (const start of starts) keep(paths, start, k)
  for (;;) {
    const at = paths.findIndex((way) => way.at + 1 < table.length)
    if (at < 0) return paths
    const [way] = paths.splice(at, 1)
    expand(table, toGo, way!, (next) => keep(paths, next, k))
  }
}

function expand<S>(table: Table<S>, toGo: ToGo, way: Path, found: (next: Path) => void): void {
  const { at, state: b } = way
  const width = table.width(at + 1)
  for (const { state, cost: step } of table.followers(at)[b]!) {
    const cost = way.cost + step + table.three(at - 1, way.before!.state, b, state)
    found({ at: at + 1, state, before: way, cost, total: cost + toGo[at]![b * width + state]! })
  }
}

/** Every possible first pair of states, with its cost and the least that it leads to. */
function beginnings<S>(table: Table<S>, toGo: ToGo): Path[] {
  const width = table.width(1)
  return table.followers(0).flatMap((followers, a) => {
    const cost = table.one(0, a)
    const before: Path = { at: 0, state: a, before: null, cost, total: cost }
    return followers.map(({ state, cost: step }): Path => {
      const sum = cost + step
      return { at: 1, state, before, cost: sum, total: sum + toGo[0]![a * width + state]! }
    })
  })
}

function read<S>(table: Table<S>, way: Path): Solution<S> {
  const states: S[] = []
  for (let here: Path | null = way; here; here = here.before) states[here.at] = table.states[here.at]![here.state]!
  return { states, cost: way.total }
}

/** One place only: the cheapest states themselves. */
function solvePlace<S>(table: Table<S>, k: number): Path[] {
  const best: Path[] = []
  table.states[0]!.forEach((_, state) => {
    const cost = table.one(0, state)
    keep(best, { at: 0, state, before: null, cost, total: cost }, k)
  })
  return best
}

function solveRow<S>(table: Table<S>, k: number): Path[] {
  const toGo = toGoOf(table, () => 0)
  return follow(table, toGo, beginnings(table, toGo), k)
}

/** A ring is cut at its first pair; for each choice of that pair the rest is a row that must close again. */
function solveRing<S>(table: Table<S>, k: number): Path[] {
  const n = table.length
  if (n < 3) throw new RangeError('A ring needs at least three places.')
  const best: Path[] = []
  // what the best closing would cost bounds each beginning; the cheapest come first and bound those after them
  const leastLink = table.followers(n - 1).map((all) => Math.min(...all.map(({ link }) => link)))
  const bounds = toGoOf(table, (_, z) => leastLink[z]!)
  const starts = beginnings(table, bounds).sort((one, other) => one.total - other.total)
  for (const start of starts) {
    if (start.total === Infinity || (best.length === k && start.total >= best[k - 1]!.total)) break
    const [a, b] = [start.before!.state, start.state]
    const close = (y: number, z: number): number => {
      const link = table.link(n - 1, z, a)
      return link === Infinity ? link : link + table.three(n - 2, y, z, a) + table.three(n - 1, z, a, b)
    }
    const toGo = toGoOf(table, close, 1)
    const total = start.cost + leastAfter(table, toGo[1]!, 0, a, b)
    for (const way of follow(table, toGo, [{ ...start, total }], k)) keep(best, way, k)
  }
  return best
}

/**
 * The `k` cheapest rows of states, cheapest first; fewer if fewer are possible, none if none is. Exact: dynamic
 * programming over pairs of successive states from the end backward, then only the best ways forward. Time grows with
 * length x states^3, and k x length x states for the ways (a ring: once for each first pair that can still be best).
 */
export function solve<S>(problem: Problem<S>, k = 1): Solution<S>[] {
  if (problem.length === 0) return [{ states: [], cost: 0 }]
  const table = new Table(problem)
  const paths = problem.cyclic ? solveRing(table, k) : problem.length === 1 ? solvePlace(table, k) : solveRow(table, k)
  return paths.map((way) => read(table, way))
}
