import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, dayOf, prepare, practiceStatesToday, targetsFor } from '#core/practice'
import { openDraw } from '#core/syllabus'
import { recallThrough } from '../../../../core/practice/recallThrough'
import { outlookOf } from '../../../../core/practice/outlook'
import { type Memory, recallAfter, remembered } from '../../../../core/practice/memory'
import { moved, pupilFrom, quantile } from '../../../../core/practice/pace'
import { entryOf, prepared, someStudies, TODAY } from '../../../support/practice'
import { runs } from '../../../support/runs'

const NOW = dayOf(TODAY)!

/** Every way in which some tests may go, each followed to the end: nothing is merged. */
function enumerated(memory: Memory, last: number, tests: readonly number[], exam: number, retention: number): number {
  const [test, ...rest] = tests
  if (test === undefined) return moved(recallAfter(memory, exam - last), retention)
  if (test <= last) return enumerated(memory, last, rest, exam, retention)
  const right = moved(recallAfter(memory, test - last), retention)
  const again = remembered(memory, test - last, 'wrong')
  const [mended, when] = test + 1 < exam ? [remembered(again, 1, 'right'), test + 1] : [again, test]
  return (
    right * enumerated(remembered(memory, test - last, 'right'), test, rest, exam, retention) +
    (1 - right) * enumerated(mended, when, rest, exam, retention)
  )
}

describe('recall on the exam’s day', () => {
  it('is the mean over all ways in which the tests may go', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 40 }), { maxLength: 7 }),
        fc.integer({ min: 41, max: 60 }),
        fc.double({ min: -1.5, max: 1.5, noNaN: true }),
        (days, exam, retention) => {
          const memory = remembered(null, 0, 'right')
          const tests = days.toSorted((a, b) => a - b)
          const through = recallThrough(
            { memory, lastTry: 0 },
            tests.map((day) => ({ day, test: true })),
            exam,
            retention,
          )
          // ways that are alike become one: a hundredth at the most is lost by it
          expect(Math.abs(through - enumerated(memory, 0, tests, exam, retention))).toBeLessThan(0.01)
        },
      ),
      { numRuns: runs(150) },
    )
  })
})

describe('the chance', () => {
  const term = {
    ...{ today: TODAY, exam: dateOf(NOW + 104), minutesADay: 20, studies: someStudies(12) },
    ...{ days: ['mon', 'tue', 'wed', 'fri', 'sat'] as const, lesson: 'thu' as const },
  }
  const ready = (count: number, some: object = {}) =>
    someStudies(count).flatMap((study) => [3, 1].map((ago) => entryOf(study, dateOf(NOW - ago), some)))

  it('is nought for a pupil who has never played a note, whatever is printed', () => {
    const studies = someStudies(12)
    const draw = openDraw(12)
    const { outlook, practiceStates } = practiceStatesToday(targetsFor(studies, draw), [], draw, NOW)
    expect([outlook.chance, outlook.high]).toEqual([0, 0])
    expect(new Set(practiceStates)).toEqual(new Set(['untried']))
  })

  it('is high tomorrow where all is ready, and falls with weeks in which nothing is played', () => {
    const studies = someStudies(12)
    const draw = openDraw(12)
    const targets = targetsFor(studies, draw)
    const on = (day: number) => practiceStatesToday(targets, ready(12), draw, day).outlook.chance
    expect(on(NOW)).toBeGreaterThan(0.75)
    expect(on(NOW + 60)).toBeLessThan(on(NOW + 10))
    expect(on(NOW + 10)).toBeLessThan(on(NOW))
  })

  it('makes nothing ready by a faster sheet, and less of it', () => {
    const faster = someStudies(1).map((study) => ({ ...study, tempo: { ...study.tempo, bpm: 90 } }))
    const draw = openDraw(1)
    const of = (studies: typeof faster) => practiceStatesToday(targetsFor(studies, draw), ready(1), draw, NOW)
    expect(of(someStudies(1)).practiceStates).toEqual(['ready'])
    expect(of(faster).practiceStates).toEqual(['held'])
    expect(of(faster).outlook.chance).toBeLessThan(of(someStudies(1)).outlook.chance)
  })

  it('lies within its interval, which narrows with what is known', () => {
    const none = prepare(prepared({ ...term, record: [] })).then
    const some = prepare(prepared({ ...term, record: ready(12) })).then
    for (const { low, chance, high } of [none, some]) {
      expect(low).toBeLessThanOrEqual(chance)
      expect(chance).toBeLessThanOrEqual(high)
    }
    expect(some.high - some.low).toBeLessThan(none.high - none.low)
  })

  it('is the mean over good days and bad ones, which come for all studies at once', () => {
    const recalls = [0.97, 0.9, 0.93, 0.85, 0.95]
    const draw = openDraw(recalls.length)
    const sure = { pace: [{ value: 0.6, weight: 1 }], retention: [{ value: 0, weight: 1 }] }
    const of = recalls.map((recall) => (_: number, retention: number, form: number) => moved(recall, retention + form))
    const { chance, chances } = outlookOf(draw, of, sure)
    // six or more are asked, so all five; days by a fine grid of the normal distribution, 0.6 in log-odds
    const days = Array.from({ length: 801 }, (_, at) => (at - 400) / 100)
    const density = days.map((day) => Math.exp(-(day * day) / 2))
    const all = density.reduce((sum, each) => sum + each, 0)
    const mean = (value: (form: number) => number) =>
      days.reduce((sum, day, at) => sum + (density[at]! / all) * value(0.6 * day), 0)
    const whole = mean((form) => recalls.reduce((product, recall) => product * moved(recall, form), 1))
    expect(chance).toBeCloseTo(whole, 2)
    // what goes wrong together goes wrong less often than if each day were another for each study
    expect(chance).toBeGreaterThan(chances.reduce((product, each) => product * each, 1))
    chances.forEach((each, at) =>
      expect(each).toBeCloseTo(
        mean((form) => moved(recalls[at]!, form)),
        2,
      ),
    )
  })

  it('learns the pupil’s pace and memory from the record', () => {
    const [study] = someStudies(1)
    const target = targetsFor([study!], openDraw(1))
    const paceOf = (outcome: 'right' | 'hesitated') => {
      const record = Array.from({ length: 12 }, (_, at) =>
        entryOf(study!, dateOf(NOW - 30 + at), { kind: 'home', outcome, hands: 'right', octaves: 1 }),
      )
      return quantile(pupilFrom(practiceStatesToday(target, record, openDraw(1), NOW).states).pace, 0.5)
    }
    expect(paceOf('right')).toBeGreaterThan(0.7)
    expect(paceOf('hesitated')).toBeLessThan(0.3)
  })

  it('names the study that would raise it most by the minute', () => {
    const studies = someStudies(3)
    const draw = openDraw(3)
    const record = [...ready(2), entryOf(studies[2]!, dateOf(NOW - 1), { tempo: 120, kind: 'lesson' })]
    const { raise } = practiceStatesToday(targetsFor(studies, draw), record, draw, NOW)
    expect(raise!.study).toBe(2)
    expect(raise!.minutes).toBeGreaterThan(4)
    expect(raise!.chance).toBeGreaterThan(0.7)
  })
})
