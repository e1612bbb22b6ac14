import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { conflictAmong, costOf, type Problem, solve, Through } from '#core/solver'
import { runs } from '../../support/runs'

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
      { numRuns: runs(300) },
    )
  })

  it('finds as many as are asked for in a ring of pairs, where most rows are forbidden', () => {
    const pairs = [0, 1, 2].flatMap((up) => [0, 1, 2].map((down) => ({ up, down })))
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 30, maxLength: 50 }), (table) => {
        const look = (...at: number[]) => table[at.reduce((hash, each) => hash * 17 + each + 3, 5) % table.length]!
        const problem: Problem<{ up: number; down: number }> = {
          length: 4,
          cyclic: true,
          states: () => pairs,
          one: (at, { up, down }) => look(at, up) + (up === down ? 0 : 2),
          two: (at, a, b) => (a.up === b.up || a.down === b.down ? Infinity : look(at, a.up, b.up) + look(at, b.down)),
          three: (at, a, b, c) => (a.up === c.up && a.down === c.down ? look(at, a.up, b.down) : 0),
        }
        const rows = pairs.flatMap((a) => pairs.flatMap((b) => pairs.flatMap((c) => pairs.map((d) => [a, b, c, d]))))
        const costs = rows
          .map((row) => costOf(problem, row))
          .filter((cost) => cost < Infinity)
          .sort((a, b) => a - b)
        expect(solve(problem, 16).map(({ cost }) => cost)).toEqual(costs.slice(0, 16))
      }),
      { numRuns: runs(40) },
    )
  })

  it('gives up no place that costs nothing, and none twice', () => {
    const found = solve({ length: 2, states: () => ['a', 'b'], one: () => 0, two: () => 0 }, 10)
    expect(found.map(({ states }) => states.join('')).sort()).toEqual(['aa', 'ab', 'ba', 'bb'])
  })

  it('answers nothing where nothing is possible', () => {
    expect(solve({ length: 3, states: () => [1, 2], one: () => Infinity, two: () => 0 })).toEqual([])
    expect(solve({ length: 0, states: () => [], one: () => 0, two: () => 0 })).toEqual([{ states: [], cost: 0 }])
  })
})

describe('the way through a place', () => {
  it('is the cheapest row with one of the wanted states there, as brute force finds it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 3 }),
        tables,
        fc.nat(5),
        fc.nat(2),
        (length, states, table, where, not) => {
          const problem = problemFrom(length, states, table, false)
          const at = where % length
          const found = new Through(problem).best(at, (state) => state !== not)
          const barred: Problem<number> = {
            ...problem,
            one: (place, state) => (place === at && state === not ? Infinity : problem.one(place, state)),
          }
          const [best] = bruteForce(barred)
          expect(found?.cost).toBe(best)
          if (!found) return
          expect(found.states[at]).not.toBe(not)
          expect(costOf(problem, found.states)).toBe(found.cost)
        },
      ),
      { numRuns: runs(300) },
    )
  })

  it('is not asked of rings', () => {
    expect(() => new Through(problemFrom(4, 2, [1, 2], true))).toThrow(RangeError)
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
