import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { GainFlow } from '../../../core/syllabus/flow'

/** Best total gain of giving each worker at most one task, each task at most one worker, by trying everything. */
function bruteForce(gains: readonly (readonly number[])[]): number {
  const go = (worker: number, taken: ReadonlySet<number>): number => {
    if (worker === gains.length) return 0
    const idle = go(worker + 1, taken)
    return gains[worker]!.reduce(
      (best, gain, task) =>
        gain > 0 && !taken.has(task) ? Math.max(best, gain + go(worker + 1, new Set([...taken, task]))) : best,
      idle,
    )
  }
  return go(0, new Set())
}

describe('the flow behind grading', () => {
  it('reaches the best total that any assignment has', () => {
    const matrix = fc.tuple(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 1, max: 5 })).chain(([rows, columns]) =>
      fc.array(fc.array(fc.integer({ min: 0, max: 50 }), { minLength: columns, maxLength: columns }), {
        minLength: rows,
        maxLength: rows,
      }),
    )
    fc.assert(
      fc.property(matrix, (gains) => {
        const [workers, tasks] = [gains.length, gains[0]!.length]
        const flow = new GainFlow(2 + workers + tasks)
        const links: { gain: number; flows: () => number }[] = []
        gains.forEach((row, worker) => {
          flow.join(0, 2 + worker, 1, 0)
          row.forEach((gain, task) => {
            if (gain > 0) links.push({ gain, flows: flow.join(2 + worker, 2 + workers + task, 1, gain) })
          })
        })
        for (let task = 0; task < tasks; task++) flow.join(2 + workers + task, 1, 1, 0)
        flow.run(0, 1)
        expect(links.reduce((sum, { gain, flows }) => sum + gain * flows(), 0)).toBe(bruteForce(gains))
      }),
    )
  })

  it('never sends more through an edge than it holds', () => {
    const flow = new GainFlow(3)
    const into = flow.join(0, 2, 5, 1)
    const out = flow.join(2, 1, 2, 1)
    flow.run(0, 1)
    expect([into(), out()]).toEqual([2, 2])
  })
})
