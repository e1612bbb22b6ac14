import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import {
  correctionBy,
  dateOf,
  dayOf,
  type Entry,
  keptBins,
  NO_CORRECTION,
  prepare,
  preparationFor,
  type Told,
  toldFrom,
  type WrittenPreparation,
} from '#core/practice'
import { logOddsOf } from '../../../../core/practice/forecast'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { anyPreparation, entryOf, someStudies, TODAY } from '../../../support/practice'
import { runs } from '../../../support/runs'

const NOW = dayOf(TODAY)!

const chancesOf = (written: WrittenPreparation) => {
  const { outlook, then } = prepare(preparationFor(written))
  return { now: outlook.chances, then: then.chances, draw: then.chance }
}
/** Differences in the last places of a sum are none. */
const NOTHING = 1e-9

const anyNews = fc.record({
  study: fc.nat(19),
  ago: fc.integer({ min: 0, max: 60 }),
  kind: fc.constantFrom('lesson', 'home', 'cold-test', 'mock-exam', 'take') as fc.Arbitrary<Entry['kind']>,
  tempo: fc.integer({ min: 30, max: 90 }),
  hands: fc.constantFrom('together', 'right', 'left') as fc.Arbitrary<Entry['hands']>,
  octaves: fc.integer({ min: 1, max: 2 }),
})

describe('one entry more', () => {
  const withOne = (outcome: Entry['outcome'], is: (before: number, after: number) => void): void =>
    fc.assert(
      fc.property(anyPreparation, anyNews, (written, news) => {
        const study = news.study % written.studies.length
        const { ago, kind, hands, octaves } = news
        const entry = entryOf(written.studies[study]!, dateOf(NOW - ago), {
          ...{ kind, outcome, hands, octaves, tempo: news.tempo * 2 },
        })
        const [before, after] = [chancesOf(written), chancesOf({ ...written, record: [...written.record, entry] })]
        is(before.now[study]!, after.now[study]!)
        is(before.then[study]!, after.then[study]!)
      }),
      { numRuns: runs(150) },
    )

  it('that was right never makes that study less likely, whenever and however it was played', () => {
    withOne('right', (before, after) => expect(after).toBeGreaterThanOrEqual(before - NOTHING))
  })

  it('that was wrong never makes it likelier', () => {
    withOne('wrong', (before, after) => expect(after).toBeLessThanOrEqual(before + NOTHING))
  })
})

describe('what is said of a study', () => {
  const studies = someStudies(8)
  const term = {
    ...{ today: TODAY, exam: dateOf(NOW + 84), minutesADay: 15, studies },
    ...{ days: ['mon', 'tue', 'wed', 'fri', 'sat'] as const, lesson: 'thu' as const },
  }
  const of = (record: readonly Entry[], some: Partial<WrittenPreparation> = {}) =>
    chancesOf({ ...term, ...some, record })

  it('is never less with more minutes a day', () => {
    fc.assert(
      fc.property(anyPreparation, fc.integer({ min: 1, max: 40 }), (written, more) => {
        const [before, after] = [chancesOf(written), chancesOf({ ...written, minutesADay: written.minutesADay + more })]
        before.then.forEach((chance, at) => expect(after.then[at]!).toBeGreaterThanOrEqual(chance - NOTHING))
        expect(after.draw).toBeGreaterThanOrEqual(before.draw - NOTHING)
        // what stands today is not changed by what is planned
        expect(after.now).toEqual(before.now)
      }),
      { numRuns: runs(100) },
    )
  })

  it('takes a gap for something unknown, not for idleness', () => {
    const asked = (ago: number) => entryOf(studies[0]!, dateOf(NOW - ago))
    // two lessons, three weeks apart, with nothing written down between
    const gaps = of([entryOf(studies[1]!, dateOf(NOW - 24), { kind: 'lesson' }), asked(23), asked(2)])
    expect(gaps.now[0]!).toBeGreaterThan(0.5)
    expect(gaps.now[5]!).toBeGreaterThan(0.05)
    // where the others are written down day by day, what never comes up was not played
    const daily = Array.from({ length: 20 }, (_, at) =>
      entryOf(studies[1 + (at % 3)]!, dateOf(NOW - 22 + at), { kind: 'home', minutes: 5 }),
    )
    const complete = of([...daily, asked(23), asked(2)])
    expect(complete.now[5]! - complete.now[0]!).toBeLessThan(gaps.now[5]! - gaps.now[0]!)
  })

  it('hears a cold test before a lesson, and a lesson before what is told of home', () => {
    const after = (kind: Entry['kind'], outcome: Entry['outcome']) =>
      of([entryOf(studies[0]!, dateOf(NOW - 2), { kind, outcome })]).now[0]!
    expect(after('cold-test', 'right')).toBeGreaterThan(after('lesson', 'right'))
    expect(after('lesson', 'right')).toBeGreaterThan(after('home', 'right'))
    expect(after('cold-test', 'wrong')).toBeLessThan(after('lesson', 'wrong'))
    expect(after('lesson', 'wrong')).toBeLessThan(after('home', 'wrong'))
  })

  it('has no step at any tempo', () => {
    const at = (tempo: number) => of([entryOf(studies[0]!, dateOf(NOW - 2), { tempo })]).now[0]!
    for (let tempo = 60; tempo < 160; tempo += 2) {
      expect(at(tempo + 2)).toBeGreaterThanOrEqual(at(tempo) - NOTHING)
      expect(at(tempo + 2) - at(tempo)).toBeLessThan(0.03)
    }
  })

  it('begins from what the pupil holds already, most of all of its like', () => {
    const list = someStudies(16)
    // three majors, or three minors, heard three times each
    const held = (some: readonly number[]) =>
      of(
        some.flatMap((at) => [12, 8, 4].map((ago) => entryOf(list[at]!, dateOf(NOW - ago)))),
        { studies: list },
      ).now
    const [bare, majors, minors] = [of([], { studies: list }).now, held([1, 2, 3]), held([13, 14, 15])]
    const [major, minor] = [4, 12]
    for (const at of [major, minor]) expect(Math.min(majors[at]!, minors[at]!)).toBeGreaterThan(bare[at]!)
    expect(majors[major]!).toBeGreaterThan(minors[major]!)
    expect(minors[minor]!).toBeGreaterThan(majors[minor]!)
  })

  it('is higher for what is easier for a pupil of a level', () => {
    const level = (level: number) => chancesOf({ ...term, level, record: [] }).then
    level(6).forEach((chance, at) => expect(chance).toBeGreaterThan(level(1)[at]!))
  })

  it('has a spread of its own, narrower for what was asked cold more often', () => {
    const tested = [15, 12, 9, 6, 3].map((ago, at) =>
      entryOf(studies[0]!, dateOf(NOW - ago), { outcome: at % 2 === 0 ? 'right' : 'wrong' }),
    )
    const { outlook, then } = prepare(preparationFor({ ...term, record: tested }))
    const wide = ({ low, high }: { low: number; high: number }): number => logOddsOf(high) - logOddsOf(low)
    for (const { chances, between } of [outlook, then]) {
      between.forEach((own, at) => {
        expect(own.low).toBeLessThanOrEqual(chances[at]!)
        expect(own.high).toBeGreaterThanOrEqual(chances[at]!)
        if (at > 0) expect(wide(between[0]!)).toBeLessThan(wide(own))
      })
    }
  })

  it('is said of what no hand can play as well: a list may ask it', () => {
    const far = completeRecipe({ material: { tonic: 'C', kind: 'major' }, octaves: 2, startOctave: 7 })
    expect(() => realise(far)).toThrow(DomainError)
    const { now } = of([], { studies: [far, studies[1]!] })
    expect(now[0]!).toBeGreaterThan(0)
  })

  it('does not give up a beginner: ten minutes on six days for twelve weeks', () => {
    const beginners = ['C', 'G', 'D', 'A', 'F'].flatMap((tonic) =>
      (['right', 'left'] as const).map((hands) =>
        completeRecipe({ material: { tonic, kind: 'major' }, octaves: 1, hands, tempo: { bpm: 60, notesPerBeat: 2 } }),
      ),
    )
    const { then } = prepare(
      preparationFor({
        ...{ today: TODAY, exam: dateOf(NOW + 84), minutesADay: 10, studies: beginners, record: [], level: 1 },
        days: ['mon', 'tue', 'wed', 'fri', 'sat', 'sun'],
      }),
    )
    expect(then.notReady).toEqual([])
    expect(then.low).toBeGreaterThan(0)
    expect(then.high).toBeLessThan(1)
  })
})

describe('a studio’s own correction', () => {
  const told = (said: number, right: number, wrong: number): Told[] => [
    ...Array.from({ length: right }, () => ({ said, came: true })),
    ...Array.from({ length: wrong }, () => ({ said, came: false })),
  ]

  it('is none where nothing was heard, and small where little was', () => {
    expect(correctionBy([])).toEqual(NO_CORRECTION)
    expect(Math.abs(correctionBy(told(1, 0, 1)).shift)).toBeLessThan(0.25)
  })

  it('is the likeliest by its prior, as a fine grid has it', () => {
    const tests = [...told(2, 12, 9), ...told(0, 5, 7), ...told(-1, 3, 14)]
    const logLikely = (shift: number, slope: number): number =>
      tests.reduce(
        (sum, { said, came }) => sum - Math.log(1 + Math.exp((came ? -1 : 1) * (shift + slope * said))),
        -(shift ** 2) / (2 * 0.5 ** 2) - (slope - 1) ** 2 / (2 * 0.2 ** 2),
      )
    const { shift, slope } = correctionBy(tests)
    for (const [a, b] of [
      [0.01, 0],
      [-0.01, 0],
      [0, 0.01],
      [0, -0.01],
    ] as const) {
      expect(logLikely(shift + a, slope + b)).toBeLessThan(logLikely(shift, slope))
    }
  })

  it('takes back what a studio always hears too well', () => {
    const { shift, slope } = correctionBy(told(1.5, 30, 30))
    expect(shift + slope * 1.5).toBeLessThan(0.9)
    expect(slope).toBeGreaterThan(0)
  })
})

describe('how often it came true', () => {
  const [study] = someStudies(1)
  const record = [20, 15, 10, 5].map((ago, at) =>
    entryOf(study!, dateOf(NOW - ago), { outcome: at === 2 ? 'wrong' : 'right' }),
  )

  it('is told of cold tests at their tempo, from what was known the evening before', () => {
    const told = toldFrom(record, TODAY)
    expect(told.map(({ came }) => came)).toEqual([true, true, false, true])
    // each is what stands without it and all that came later
    const before = toldFrom(record.slice(0, 3), TODAY)
    expect(told.slice(0, 3)).toEqual(before)
    expect(told[1]!.said).toBeGreaterThan(told[0]!.said)
    const slow = record.map((entry) => ({ ...entry, tempo: entry.tempo / 2 }))
    expect(toldFrom(slow, TODAY)).toEqual([])
    expect(toldFrom(record, dateOf(NOW - 10))).toHaveLength(2)
  })

  it('is counted in steps, of which empty ones are left out', () => {
    const told = [
      { said: 2, came: true },
      { said: 2, came: false },
      { said: -2, came: false },
    ]
    expect(keptBins(told, 5)).toEqual([
      { said: expect.closeTo(1 / (1 + Math.exp(2)), 9), came: 0, count: 1 },
      { said: expect.closeTo(1 / (1 + Math.exp(-2)), 9), came: 0.5, count: 2 },
    ])
    expect(keptBins([], 5)).toEqual([])
  })
})
