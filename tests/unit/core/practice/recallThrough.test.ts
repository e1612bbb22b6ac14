import { describe, expect, it } from 'vitest'
import { recallThrough } from '../../../../core/practice/recallThrough'
import { expected, recallAfter, remembered } from '../../../../core/practice/memory'
import { moved } from '../../../../core/practice/pace'

/** Numbers from 0 to 1, the same each time (Park and Miller's minimal standard generator, from memory). */
function numbers(seed: number): () => number {
  let state = seed
  return () => (state = (state * 48271) % 2147483647) / 2147483647
}

/** One life: tests go right or wrong by chance, what was wrong is mended and asked again the next day. */
function livedThrough(tests: readonly number[], exam: number, retention: number, random: () => number): number {
  let [memory, day] = [remembered(null, 0, 'right'), 0]
  for (const now of tests) {
    if (now <= day) continue
    const right = random() < moved(recallAfter(memory, now - day), retention)
    const after = remembered(memory, now - day, right ? 'right' : 'wrong')
    const again = !right && now + 1 < exam
    memory = again ? remembered(after, 1, 'right') : after
    day = again ? now + 1 : now
  }
  return moved(recallAfter(memory, exam - day), retention)
}

describe('recall on the day, over all ways in which the tests may go', () => {
  it.each([
    [[2, 9, 20], 40, 0],
    [[3, 8, 15, 25, 35, 45], 55, -1],
    [[1, 2, 3, 10, 30], 60, 0.7],
    [[10, 20, 30, 40, 50, 58], 60, -0.5],
    [[], 12, 0],
  ] as const)(
    'is what comes of 4000 lives with tests on days %j, exam on day %i, hold %d',
    (tests, exam, retention) => {
      const random = numbers(20261128)
      let sum = 0
      for (let life = 0; life < 4000; life++) sum += livedThrough(tests, exam, retention, random)
      const shown = recallThrough(
        { memory: remembered(null, 0, 'right'), lastTry: 0 },
        tests.map((day) => ({ day, test: true })),
        exam,
        retention,
      )
      expect(Math.abs(shown - sum / 4000)).toBeLessThan(0.012)
    },
  )

  it('is nothing of what was never played, and something once it has been', () => {
    const start = { memory: null, lastTry: null }
    expect(recallThrough(start, [], 10, 0)).toBe(0)
    const once = recallThrough(start, [{ day: 3, test: false }], 10, 0)
    expect(once).toBe(moved(recallAfter(remembered(null, 0, 'hesitated'), 7), 0))
  })

  it('counts two tries of one day once', () => {
    const start = { memory: remembered(null, 0, 'right'), lastTry: 0 }
    const once = [{ day: 5, test: true }]
    expect(recallThrough(start, [...once, ...once], 20, 0)).toBe(recallThrough(start, once, 20, 0))
  })
})

describe('what a try leaves behind on the average', () => {
  it('lies between what a wrong one and a right one leave, nearer the likelier', () => {
    const before = remembered(remembered(null, 0, 'right'), 3, 'right')
    const [right, wrong] = [remembered(before, 8, 'right'), remembered(before, 8, 'wrong')]
    expect(expected(before, 8, 1)).toEqual(right)
    expect(expected(before, 8, 0)).toEqual(wrong)
    const rising = [0.1, 0.3, 0.5, 0.7, 0.9].map((chance) => expected(before, 8, chance).stability)
    expect(rising).toEqual(rising.toSorted((a, b) => a - b))
    expect(rising.every((each) => each > wrong.stability && each < right.stability)).toBe(true)
  })
})
