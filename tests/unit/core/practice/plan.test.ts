import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, dayOf, type Entry, prepare, practiceDays, SEEN_WITHIN, turnsOf, weekOf } from '#core/practice'
import { seeded } from '#core/random'
import { anyPreparation, entryOf, prepared, someStudies, TODAY } from '../../../support/practice'
import { runs } from '../../../support/runs'

const NOW = dayOf(TODAY)!
const WEEK = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
const term = {
  ...{ today: TODAY, exam: '2027-03-12', minutesADay: 20, record: [], studies: someStudies(16) },
  ...{ days: ['mon', 'tue', 'wed', 'fri', 'sat', 'sun'] as const, lesson: 'thu' as const },
}
const planOf = (written: Parameters<typeof prepared>[0]) => {
  const preparation = prepared(written)
  return { ...prepare(preparation), preparation }
}

describe('a plan', () => {
  const check = (of: (shown: ReturnType<typeof planOf>) => void, count = 60) =>
    fc.assert(
      fc.property(anyPreparation, (written) => of(planOf(written))),
      { numRuns: runs(count) },
    )

  it('never exceeds the minutes of a day, and takes nothing twice on it but to ask, then mend', () => {
    check(({ plan, preparation }) => {
      const minutes = new Map(practiceDays(preparation.aim).map((each) => [each.day, each.minutes]))
      for (const { day, items } of plan.days) {
        expect(items.reduce((sum, item) => sum + item.minutes, 0)).toBeLessThanOrEqual(minutes.get(day)!)
        expect(new Set(items.map(({ study, test }) => `${study} ${test}`)).size).toBe(items.length)
      }
    })
  })

  it('raises no tempo by more than a tenth from one day to the next, nor above what was clean', () => {
    check(({ plan, states }) => {
      const last = states.map(({ cleanTempo, last: played }) => cleanTempo || played?.tempo || Infinity)
      for (const { items } of plan.days) {
        for (const { study, tempo } of items) {
          expect(tempo).toBeLessThanOrEqual(last[study]! * 1.1)
          last[study] = Math.max(tempo, states[study]!.cleanTempo)
        }
      }
    })
  })

  it('tests on the next practice day what went wrong', () => {
    check(({ plan, states, preparation }) => {
      if (preparation.aim.minutesADay < states.length + 2) return
      states.forEach(({ wrongOn }, study) => {
        const next = plan.days.find(
          ({ day, items }) => wrongOn !== null && day > wrongOn && (day > NOW || items.length > 0),
        )
        const item = next?.items.find((each) => each.study === study)
        if (next) expect(item?.test).toBe(true)
      })
    })
  })

  it('sees everything within ten days where there are minutes for it, and says what it does not', () => {
    check(({ plan, states, preparation: { aim } }) => {
      const days = practiceDays(aim)
      // tests that went wrong, turns and beginnings fit
      const bounded =
        states.length * 3 + 6 <= (aim.minutesADay - 4) * turnsOf(aim) && days.length > 20 && aim.spent === 0
      if (bounded) expect(plan.unseen).toEqual([])
      states.forEach(({ begunOn }, study) => {
        const seen = plan.days.filter(({ items }) => items.some((item) => item.study === study)).map(({ day }) => day)
        // what is not begun yet waits until it is
        const first = begunOn === null ? seen[0] : (days[0]?.day ?? aim.exam)
        const marks = [first ?? -Infinity, ...seen, aim.exam]
        const gap = Math.max(...marks.slice(1).map((day, at) => day - marks[at]!))
        expect(plan.unseen.includes(study)).toBe(gap > SEEN_WITHIN)
      })
    })
  })

  it('is cold tests and rest on the last two days', () => {
    check(({ plan, preparation: { aim } }) => {
      for (const { day, items } of plan.days)
        if (day >= aim.exam - 2) expect(items.every(({ test }) => test)).toBe(true)
    })
  })

  it('is the same for the same record', () => {
    check(({ plan, preparation }) => void expect(prepare(preparation).plan).toEqual(plan), 30)
  })

  it('keeps every turn of every other study when one goes wrong', () => {
    const studies = someStudies(16)
    const record = studies.flatMap((study, at) => [
      entryOf(study, dateOf(NOW - 14 - (at % 5)), { tempo: 96, kind: 'lesson' }),
      entryOf(study, dateOf(NOW - 7 - (at % 5)), { tempo: 100, kind: 'lesson' }),
    ])
    const before = planOf({ ...term, record })
    const after = planOf({ ...term, record: [...record, entryOf(studies[3]!, dateOf(NOW - 1), { outcome: 'wrong' })] })
    const others = ({ plan }: typeof before) =>
      plan.days.slice(0, 14).map(({ items }) => items.filter(({ study }) => study !== 3).map(({ study }) => study))
    const [was, is] = [others(before).flat(), others(after).flat()]
    const moved = others(before).flatMap((studies, at) =>
      studies.filter((study) => !others(after)[at]!.includes(study)),
    )
    // a minute for the test is taken from somebody's sitting, and yesterday is known a little better: five in a hundred
    // of the days' items go elsewhere at the most
    expect(moved.length).toBeLessThanOrEqual(Math.ceil(was.length * 0.05))
    expect(Math.abs(was.length - is.length)).toBeLessThanOrEqual(2)
    const test = after.plan.days[0]!.items.find(({ study }) => study === 3)!
    expect(test.test).toBe(true)
  })

  it('moves less than a tenth for a day of which nothing was written down', () => {
    const start = NOW
    let [all, elsewhere, otherwise] = [0, 0, 0]
    for (const [count, minutesADay] of [
      [6, 20],
      [12, 10],
      [16, 20],
    ] as const) {
      const studies = someStudies(count)
      const random = seeded(count)
      const record: Entry[] = []
      const at = (day: number) =>
        planOf({ ...term, today: dateOf(day), studies, minutesADay, record: [...record] }).plan
      for (let day = start; day < start + 42; day++) {
        const { days } = at(day)
        if (days[0]?.day !== day) continue
        const next = at(day + 1).days
        type Item = (typeof days)[number]['items'][number]
        const moved = (told: (item: Item) => unknown[]): number => {
          const itemsOf = (some: typeof days) =>
            some.flatMap((each) =>
              each.day <= day ? [] : each.items.map((item) => JSON.stringify([each.day, ...told(item)])),
            )
          const is = new Set(itemsOf(next))
          return itemsOf(days).filter((each) => !is.has(each)).length
        }
        all += days.flatMap(({ day: on, items }) => (on > day ? items : [])).length
        elsewhere += moved(({ study }) => [study])
        otherwise += moved(({ study, stage, tempo }) => [study, stage, tempo])
        for (const { study, test, tempo, hands, octaves, stage, minutes } of days[0].items) {
          const outcome = random() < 0.65 ? 'right' : random() < 0.5 ? 'hesitated' : 'wrong'
          const kind = test ? 'cold-test' : 'home'
          record.push(
            entryOf(studies[study]!, dateOf(day), { ...{ outcome, kind, tempo, hands, octaves, stage, minutes } }),
          )
        }
      }
    }
    expect(all).toBeGreaterThan(5000)
    // what is played on which day; with its stage and its tempo a visit more or less shifts what follows
    expect(elsewhere / all).toBeLessThan(0.06)
    expect(otherwise / all).toBeLessThan(0.15)
  })

  it('still asks what was to be asked on a day of which nothing was written down', () => {
    const [study] = someStudies(1)
    const record = [9, 5, 2].map((ago) =>
      entryOf(study!, dateOf(NOW - ago), { outcome: ago === 2 ? 'wrong' : 'right' }),
    )
    const { plan } = planOf({ ...term, studies: [study!], record })
    expect(plan.days[0]!.items[0]).toMatchObject({ study: 0, test: true })
  })

  it('stays as it was when the day went as planned', () => {
    const first = planOf({
      ...term,
      record: someStudies(16).map((study) => entryOf(study, dateOf(NOW - 3), { tempo: 100 })),
    })
    const [today] = first.plan.days
    const studies = someStudies(16)
    const played = today!.items.map(({ study, tempo, minutes, stage, test }) =>
      entryOf(studies[study]!, TODAY, { tempo, minutes, stage, kind: test ? 'cold-test' : 'home' }),
    )
    const next = planOf({ ...term, today: dateOf(NOW + 1), record: [...first.preparation.record, ...played] })
    const who = ({ plan }: typeof first) => plan.days.filter(({ day }) => day > NOW && day <= NOW + 21)
    const [was, is] = [who(first), who(next)]
    const placed = (days: typeof was) => days.flatMap(({ day, items }) => items.map(({ study }) => `${day} ${study}`))
    // five passed at once where three would be usual: what is nearest to done gives way sooner, turns stay as they are
    const stored = placed(was).filter((each) => placed(is).includes(each))
    expect(stored.length / placed(was).length).toBeGreaterThanOrEqual(0.7)
    const turns = turnsOf(first.preparation.aim)
    const calendar = new Map(practiceDays(first.preparation.aim).map(({ day, reviewDay }) => [day, reviewDay]))
    for (const { day, items } of is) {
      const review = calendar.get(day) ?? null
      const own = studies.flatMap((_, study) => (review !== null && study % turns === review % turns ? [study] : []))
      expect(items.map(({ study }) => study)).toEqual(expect.arrayContaining(own))
    }
  })

  it('begins what the teacher has put into a week in that week, and first there', () => {
    const week = weekOf(NOW + 21)
    const { plan } = planOf({ ...term, pins: [{ study: 5, week: dateOf(week + 2) }] })
    const sittings = plan.days
      .filter(({ items }) => items.some(({ study, test }) => study === 5 && !test))
      .map(({ day }) => day)
    // nothing before it, in it every day at home
    expect(sittings.filter((day) => day < week)).toEqual([])
    expect(sittings.filter((day) => day >= week && day < week + 7).length).toBeGreaterThanOrEqual(6)
  })

  it('leaves holidays free, and today what today has had', () => {
    const { plan } = planOf({
      ...term,
      ...{
        away: [{ from: '2026-12-24', to: '2027-01-02' }],
        record: [entryOf(term.studies[0]!, TODAY, { minutes: 18 })],
      },
    })
    expect(plan.days.some(({ day }) => day >= dayOf('2026-12-24')! && day <= dayOf('2027-01-02')!)).toBe(false)
    expect(plan.days[0]!.items.reduce((sum, { minutes }) => sum + minutes, 0)).toBeLessThanOrEqual(2)
  })

  it('takes turns as often as the days of the week allow', () => {
    const aim = (days: readonly (typeof WEEK)[number][], lesson: (typeof WEEK)[number] | null = null) =>
      turnsOf({ ...prepared(term).aim, days, lesson })
    expect(aim(WEEK)).toBe(8)
    expect(aim(['mon', 'thu'])).toBe(2)
    expect(aim(['sat'])).toBe(1)
  })
})
