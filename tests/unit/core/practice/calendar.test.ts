import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, dayOf, practiceDays, SEEN_WITHIN, turnsOf, WEEKDAYS, weekdayOf, weekOf } from '#core/practice'
import { TODAY } from '../../../support/practice'
import { runs } from '../../../support/runs'

const NOW = dayOf(TODAY)!
const anyAim = fc
  .record({
    ahead: fc.integer({ min: 1, max: 120 }),
    minutesADay: fc.integer({ min: 1, max: 60 }),
    days: fc.uniqueArray(fc.constantFrom(...WEEKDAYS), { minLength: 1, maxLength: 7 }),
    lesson: fc.option(fc.constantFrom(...WEEKDAYS), { nil: null }),
    away: fc.array(fc.tuple(fc.integer({ min: -5, max: 100 }), fc.integer({ min: 0, max: 20 })), { maxLength: 3 }),
    spent: fc.integer({ min: 0, max: 70 }),
    lessonMinutes: fc.option(fc.integer({ min: 1, max: 60 }), { nil: null }),
  })
  .map(({ ahead, away, ...rest }) => ({
    ...rest,
    ...{ today: NOW, exam: NOW + ahead },
    away: away.map(([from, days]) => ({ from: NOW + from, to: NOW + from + days })),
  }))
type SomeAim = Parameters<typeof practiceDays>[0]
const check = (of: (aim: SomeAim) => void) =>
  fc.assert(
    fc.property(anyAim, (aim) => of(aim)),
    { numRuns: runs(300) },
  )

describe('practice days', () => {
  it('are the days named and the lesson’s, from today to the eve of the exam, without the holidays', () => {
    check((aim) => {
      const found = new Map(practiceDays(aim).map((each) => [each.day, each]))
      for (let day = aim.today - 7; day <= aim.exam + 7; day++) {
        const weekday = weekdayOf(day)
        const away = aim.away.some(({ from, to }) => from <= day && day <= to)
        const named = aim.days.includes(weekday) || aim.lesson === weekday
        expect(found.has(day)).toBe(day >= aim.today && day < aim.exam && named && !away)
      }
    })
  })

  it('have minutes alike at home, lessons what they have for technique, today what is left of it', () => {
    check((aim) => {
      for (const { day, minutes } of practiceDays(aim)) {
        const usual = aim.lessonMinutes ?? Math.min(10, aim.minutesADay)
        const all = weekdayOf(day) === aim.lesson ? usual : aim.minutesADay
        expect(minutes).toBe(day === aim.today ? Math.max(0, all - aim.spent) : all)
      }
    })
  })

  it('end with two days of cold tests', () => {
    check((aim) => {
      for (const { day, testsOnly } of practiceDays(aim)) expect(testsOnly).toBe(aim.exam - day <= 2)
    })
  })

  it('count their turns back from the exam, so that tomorrow no day’s turn is another', () => {
    check((aim) => {
      const turns = new Map(practiceDays(aim).map(({ day, reviewDay }) => [day, reviewDay]))
      const tomorrow = { ...aim, today: aim.today + 1 }
      for (const { day, reviewDay, testsOnly } of practiceDays(tomorrow))
        if (!testsOnly) expect(turns.get(day)).toBe(reviewDay)
      const working = practiceDays(aim).filter(({ testsOnly }) => !testsOnly)
      const atHome = working.filter(({ lesson }) => !lesson || aim.days.every((day) => day === aim.lesson))
      expect(atHome.map(({ reviewDay }) => reviewDay)).toEqual(atHome.map((_, at) => atHome.length - 1 - at))
      // a lesson hears what was set, whoever's turn it is
      for (const practice of working) expect(practice.reviewDay === null).toBe(!atHome.includes(practice))
    })
  })
})

describe('turns', () => {
  /** Working days at home of a week that never ends, back from the exam; lessons where there are no others. */
  const workingDays = ({ exam, days, lesson }: SomeAim): number[] => {
    const home = days.filter((day) => day !== lesson)
    return Array.from({ length: 90 }, (_, back) => exam - 3 - back).filter((day) =>
      (home.length > 0 ? home : days).includes(weekdayOf(day)),
    )
  }
  const longestWait = (aim: SomeAim, turns: number): number => {
    const back = workingDays(aim)
    const waits = back.slice(turns).map((day, at) => back[at]! - day)
    return Math.max(aim.exam - back[turns - 1]!, ...waits)
  }

  it('come as far apart as lets everything be seen within ten days', () => {
    check((aim) => {
      const turns = turnsOf(aim)
      if (turns > 1) expect(longestWait(aim, turns)).toBeLessThanOrEqual(SEEN_WITHIN)
      if (turns < SEEN_WITHIN) expect(longestWait(aim, turns + 1)).toBeGreaterThan(SEEN_WITHIN)
    })
  })
})

describe('weeks', () => {
  it('begin on Monday, before 2000 as well', () => {
    for (let day = dayOf('1999-12-20')!; day < dayOf('2000-01-20')!; day++) {
      const monday = weekOf(day)
      expect(weekdayOf(monday)).toBe('mon')
      expect(day - monday).toBeGreaterThanOrEqual(0)
      expect(day - monday).toBeLessThan(7)
      expect(new Date(`${dateOf(day)}T12:00:00Z`).getUTCDay()).toBe((WEEKDAYS.indexOf(weekdayOf(day)) + 1) % 7)
    }
  })
})
