import { describe, expect, it } from 'vitest'
import { DomainError } from '#core/message'
import { dateOf, dayOf, outcomeOf, weekdayOf } from '#core/practice'
import { entryOf, prepared, someStudies, TODAY } from '../../../support/practice'

const good = {
  ...{ today: TODAY, exam: '2027-03-12', minutesADay: 20, days: ['mon'] as const, record: [] },
  studies: someStudies(2),
}
const refusal = (some: object): string => {
  try {
    prepared({ ...good, ...some })
    return 'none'
  } catch (error) {
    if (error instanceof DomainError) return `${error.code} ${error.path}`
    throw error
  }
}
const [study] = someStudies(1)

describe('an aim', () => {
  it.each([
    ['a day that does not exist', { exam: '2027-02-30' }, 'date.unknown exam'],
    ['an exam yesterday', { exam: '2026-11-27' }, 'exam.past exam'],
    ['an exam today', { exam: TODAY }, 'exam.past exam'],
    ['an exam in another age', { exam: '2040-01-01' }, 'exam.far exam'],
    [
      'a holiday that ends before it begins',
      { away: [{ from: '2027-01-02', to: '2027-01-01' }] },
      'away.order away[0].to',
    ],
    ['an entry in the future', { record: [entryOf(study!, '2026-11-29')] }, 'entry.future record[0].date'],
    ['an entry on no day', { record: [entryOf(study!, '2026-11-31')] }, 'date.unknown record[0].date'],
    ['nothing to practise', { studies: [] }, 'studies.none studies'],
    ['what is right', {}, 'none'],
  ])('%s', (_, some, expected) => expect(refusal(some)).toBe(expected))
})

describe('days', () => {
  it('are counted and written alike, through leap years and changes of the clock', () => {
    for (const date of ['2024-02-29', '2026-03-29', '2026-10-25', '2027-12-31']) expect(dateOf(dayOf(date)!)).toBe(date)
    expect(dayOf('2025-02-29')).toBeNull()
    expect(dayOf('28.11.2026')).toBeNull()
    expect(dayOf('2026-03-30')! - dayOf('2026-03-28')!).toBe(2)
    expect([TODAY, '2027-03-12'].map((date) => weekdayOf(dayOf(date)!))).toEqual(['sat', 'fri'])
  })
})

describe('marks of a mock exam', () => {
  it('say how it went: right from 85 in a hundred, hesitated from 60', () => {
    const criteria = [
      { id: 'a', title: 'Notes', most: 5 },
      { id: 'b', title: 'Fluency', most: 5 },
    ]
    const of = (...marks: (number | null)[]) => outcomeOf(marks, { criteria })
    expect([of(5, 5), of(5, 4), of(4, 4), of(3, 3), of(3, 2), of(0, 0), of(5, null)]).toEqual([
      ...['right', 'right', 'hesitated', 'hesitated', 'wrong', 'wrong', null],
    ])
  })
})
