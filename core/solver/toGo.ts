import type { Table } from './table'

/** Least cost of everything after a pair of successive states, by place of the first, at `a * width + b`. */
export type ToGo = readonly Float64Array[]

/** What remains after each pair, worked out from the end backward; `finish` is what the last pair still owes. */
export function toGoOf<S>(table: Table<S>, finish: (y: number, z: number) => number, first = 0): ToGo {
  const last = table.length - 2
  const toGo: Float64Array[] = []
  for (let at = last; at >= first; at--) {
    const followers = table.followers(at)
    const width = table.width(at + 1)
    const here = new Float64Array(followers.length * width).fill(Infinity)
    for (let a = 0; a < followers.length; a++) {
      for (const { state: b } of followers[a]!) {
        here[a * width + b] = at === last ? finish(a, b) : leastAfter(table, toGo[at + 1]!, at, a, b)
      }
    }
    toGo[at] = here
  }
  return toGo
}

/** The least that remains after a pair, the next state chosen best. */
export function leastAfter<S>(table: Table<S>, next: Float64Array, at: number, a: number, b: number): number {
  const width = table.width(at + 2)
  let least = Infinity
  for (const { state: c, cost } of table.followers(at + 1)[b]!) {
    const rest = cost + next[b * width + c]!
    if (rest >= least) continue
    const whole = rest + table.three(at, a, b, c)
    if (whole < least) least = whole
  }
  return least
}
