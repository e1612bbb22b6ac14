/**
 * An assignment problem: one state (a finger, a stick, a pair of fingers) for each place in a row. Costs look at
 * one, two and three successive places, are never negative, and Infinity forbids. `at` is always the first place looked at; in a cyclic
 * problem the last place is followed by the first.
 */
export interface Problem<S> {
  readonly length: number
  readonly cyclic?: boolean
  states(at: number): readonly S[]
  one(at: number, state: S): number
  two(at: number, a: S, b: S): number
  three?(at: number, a: S, b: S, c: S): number
}

export interface Solution<S> {
  readonly states: readonly S[]
  readonly cost: number
}

/** The cost of a given row of states, summed term by term as the solver does. */
export function costOf<S>(problem: Problem<S>, states: readonly S[]): number {
  const { length, cyclic } = problem
  let sum = 0
  for (let at = 0; at < length; at++) {
    sum += problem.one(at, states[at]!)
    if (at + 1 < length || cyclic) sum += problem.two(at, states[at]!, states[(at + 1) % length]!)
    if (problem.three && (at + 2 < length || cyclic)) {
      sum += problem.three(at, states[at]!, states[(at + 1) % length]!, states[(at + 2) % length]!)
    }
  }
  return sum
}
