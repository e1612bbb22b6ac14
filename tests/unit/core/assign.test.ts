import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { conflictAmong, costOf, type Problem, solve } from '#core/assign'

/** A problem from tables of numbers; values of 9 and above forbid. */
function problemFrom(length: number, states: number, table: readonly number[], cyclic: boolean): Problem<number> {
  const look = (...at: number[]) => {
    const value = table[at.reduce((hash, each) => (hash * 31 + each + 7) % 100_003, 1) % table.length]!
    return value >= 9 ? Infinity : value
  }
  return {
    length,
    cyclic,
    states: () => Array.from({ length: states }, (_, at) => at),
    one: (at, a) => look(1, at, a),
    two: (at, a, b) => look(2, at, a, b),
    three: (at, a, b, c) => look(3, at, a, b, c),
  }
}

/** Every possible row with its cost, cheapest first. */
function bruteForce(problem: Problem<number>): number[] {
  const rows = Array.from({ length: problem.length }).reduce<number[][]>(
    (some, _, at) => some.flatMap((row) => problem.states(at).map((state) => [...row, state])),
    [[]],
  )
  return rows
    .map((row) => costOf(problem, row))
    .filter((cost) => cost < Infinity)
    .sort((a, b) => a - b)
}

const tables = fc.array(fc.integer({ min: 0, max: 10 }), { minLength: 40, maxLength: 80 })

describe('the solver', () => {
  it.each([false, true])('finds the k cheapest, as brute force does (ring: %s)', (cyclic) => {
    fc.assert(
      fc.property(
        fc.integer({ min: cyclic ? 3 : 1, max: 6 }),
        fc.integer({ min: 1, max: 3 }),
        tables,
        fc.integer({ min: 1, max: 6 }),
        (length, states, table, k) => {
          const problem = problemFrom(length, states, table, cyclic)
          const best = bruteForce(problem).slice(0, k)
          const found = solve(problem, k)
          expect(found.map((each) => each.cost)).toEqual(best)
          for (const each of found) expect(costOf(problem, each.states)).toBe(each.cost)
          expect(new Set(found.map((each) => each.states.join())).size).toBe(found.length)
        },
      ),
      { numRuns: 300 },
    )
  })

  it('answers nothing where nothing is possible', () => {
    expect(solve({ length: 3, states: () => [1, 2], one: () => Infinity, two: () => 0 })).toEqual([])
    expect(solve({ length: 0, states: () => [], one: () => 0, two: () => 0 })).toEqual([{ states: [], cost: 0 }])
  })
})

describe('conflicts', () => {
  it('are minimal: without any one of them the rest can stand', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 30 }), { minLength: 3, maxLength: 9 }), (items) => {
        const feasible = (some: readonly number[]) => some.reduce((sum, each) => sum + each, 0) <= 30
        fc.pre(!feasible(items))
        const core = conflictAmong(items, feasible)
        expect(feasible(core)).toBe(false)
        for (const item of core) expect(feasible(core.filter((other) => other !== item))).toBe(true)
      }),
    )
  })
})
