import type { Problem } from './problem'

/** A state that can follow another. */
interface Follower {
  readonly state: number
  /** What the two cost in succession. */
  readonly link: number
  /** The same and what the state costs by itself. */
  readonly cost: number
}

/** A problem's costs by number of place and state, each looked up once. */
export class Table<S> {
  readonly length: number
  readonly states: (readonly S[])[]
  private readonly ones: number[][]
  private readonly follows: (Follower[][] | undefined)[] = []
  private readonly threes: (Float64Array | undefined)[] = []

  constructor(readonly problem: Problem<S>) {
    this.length = problem.length
    this.states = Array.from({ length: problem.length }, (_, at) => problem.states(at))
    this.ones = this.states.map((states, at) => states.map((state) => problem.one(at, state)))
  }

  /** How many states a place has. */
  width(at: number): number {
    return this.states[at]!.length
  }

  one(at: number, state: number): number {
    return this.ones[at]![state]!
  }

  /** States that can follow each state of a place (round the end, in a ring); none follows what cannot be taken. */
  followers(at: number): Follower[][] {
    return (this.follows[at] ??= this.states[at]!.map((a, from) =>
      this.ones[at]![from] === Infinity ? [] : this.followersOf(at, a),
    ))
  }

  private followersOf(at: number, a: S): Follower[] {
    const next = (at + 1) % this.length
    const states = this.states[next]!
    const ones = this.ones[next]!
    const found: Follower[] = []
    for (let state = 0; state < states.length; state++) {
      const one = ones[state]!
      if (one === Infinity) continue
      const link = this.problem.two(at, a, states[state]!)
      if (link < Infinity) found.push({ state, link, cost: link + one })
    }
    return found
  }

  /** Cost of two states in succession; Infinity where the second cannot follow. */
  link(at: number, a: number, b: number): number {
    return this.followers(at)[a]!.find(({ state }) => state === b)?.link ?? Infinity
  }

  /** A ring asks for the same three again for each beginning, so there they are kept. */
  three(at: number, a: number, b: number, c: number): number {
    const { problem, states, length } = this
    if (!problem.three) return 0
    const first = states[at]!
    const second = states[(at + 1) % length]!
    const third = states[(at + 2) % length]!
    if (!problem.cyclic) return problem.three(at, first[a]!, second[b]!, third[c]!)
    const known = (this.threes[at] ??= new Float64Array(first.length * second.length * third.length).fill(NaN))
    const key = (a * second.length + b) * third.length + c
    const found = known[key]!
    return Number.isNaN(found) ? (known[key] = problem.three(at, first[a]!, second[b]!, third[c]!)) : found
  }
}
