import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, dayOf, prepare, practiceStatesToday, targetsFor } from '#core/practice'
import { chanceOf, openDraw } from '#core/syllabus'
import { outlookOf } from '../../../../core/practice/outlook'
import { logistic } from '../../../../core/practice/forecast'
import { entryOf, prepared, someStudies, TODAY } from '../../../support/practice'

const NOW = dayOf(TODAY)!

describe('the chance', () => {
  const term = {
    ...{ today: TODAY, exam: dateOf(NOW + 104), minutesADay: 20, studies: someStudies(12) },
    ...{ days: ['mon', 'tue', 'wed', 'fri', 'sat'] as const, lesson: 'thu' as const },
  }
  const ready = (count: number, some: object = {}) =>
    someStudies(count).flatMap((study) => [9, 6, 3, 1].map((ago) => entryOf(study, dateOf(NOW - ago), some)))

  it('is as good as none today for a pupil who has never played a note, whatever is printed', () => {
    const studies = someStudies(12)
    const draw = openDraw(12)
    const { outlook, practiceStates } = practiceStatesToday(targetsFor(studies, draw), [], draw, NOW)
    expect(outlook.chance).toBeLessThan(0.05)
    expect(outlook.high).toBeLessThan(0.3)
    expect(new Set(practiceStates)).toEqual(new Set(['untried']))
  })

  it('is high tomorrow where all is ready, and falls with weeks in which nothing is heard', () => {
    const draw = openDraw(12)
    const targets = targetsFor(someStudies(12), draw)
    const on = (day: number) => practiceStatesToday(targets, ready(12), draw, day).outlook
    expect(Math.min(...on(NOW).chances)).toBeGreaterThan(0.75)
    expect(on(NOW + 60).chance).toBeLessThan(on(NOW + 10).chance)
    expect(on(NOW + 10).chance).toBeLessThan(on(NOW).chance)
  })

  it('makes nothing ready by a faster sheet, and less of it', () => {
    const faster = someStudies(1).map((study) => ({ ...study, tempo: { ...study.tempo, bpm: 90 } }))
    const draw = openDraw(1)
    const of = (studies: typeof faster) => practiceStatesToday(targetsFor(studies, draw), ready(1), draw, NOW)
    expect(of(someStudies(1)).practiceStates).toEqual(['ready'])
    expect(of(faster).practiceStates).toEqual(['held'])
    expect(of(faster).outlook.chance).toBeLessThan(of(someStudies(1)).outlook.chance)
  })

  it('lies within its interval, of whatever is said', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -4, max: 4, noNaN: true }), { minLength: 1, maxLength: 20 }),
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 2, maxLength: 20 }),
        (logOdds, places) => {
          const spread = places.toSorted((a, b) => a - b)
          const { low, chance, high } = outlookOf(openDraw(logOdds.length), logOdds, spread)
          expect(low).toBeLessThanOrEqual(chance)
          expect(chance).toBeLessThanOrEqual(high)
        },
      ),
    )
  })

  it('is said more narrowly where more was heard', () => {
    const none = prepare(prepared({ ...term, record: [] })).then
    const some = prepare(prepared({ ...term, record: ready(12) })).then
    // as log-odds: near nought and one the same chance is more
    const width = ({ low, high }: typeof none) => Math.log((high / (1 - high)) * ((1 - low) / low))
    expect(width(some)).toBeLessThan(width(none))
  })

  it('is the mean over days that are good or bad for all studies at once', () => {
    const logOdds = [3.4, 2.2, 2.6, 1.7, 2.9]
    const draw = openDraw(logOdds.length)
    const spread = Array.from({ length: 41 }, (_, at) => (at - 20) / 15)
    const { chance } = outlookOf(draw, logOdds, spread)
    const pools = (better: number) => new Map([['', logOdds.map((each) => logistic(each + better))]])
    const whole = spread.reduce(
      (sum, better) => sum + chanceOf({ groups: [], more: 5, assumed: true }, pools(better)),
      0,
    )
    expect(chance).toBeCloseTo(whole / spread.length, 9)
    // what goes wrong together goes wrong less often than if each day were another for each study
    const apart = logOdds.reduce(
      (product, each) => product * (spread.reduce((sum, better) => sum + logistic(each + better), 0) / spread.length),
      1,
    )
    expect(chance).toBeGreaterThan(apart)
  })

  it('names the study that would raise it most by the minute', () => {
    const studies = someStudies(3)
    const draw = openDraw(3)
    const record = [...ready(2), entryOf(studies[2]!, dateOf(NOW - 1), { tempo: 120, kind: 'lesson' })]
    const { raise } = practiceStatesToday(targetsFor(studies, draw), record, draw, NOW)
    expect(raise!.study).toBe(2)
    expect(raise!.minutes).toBeGreaterThan(4)
    expect(raise!.chance).toBeGreaterThan(0.5)
  })
})
