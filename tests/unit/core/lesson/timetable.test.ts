import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lessonAfter, lessonBefore, lessonOn, type LessonSlot, type WrittenLesson } from '#core/lesson'
import { dateOf, dayOf, WEEKDAYS, weekdayOf } from '#core/practice'
import { runs } from '../../../support/runs'

const MONDAY = '2026-11-30'
const SLOT: LessonSlot = { weekday: 'mon', time: '16:30', minutes: 30 }
const written = (date: string, some: Partial<WrittenLesson> = {}): WrittenLesson => ({
  ...{ date, status: 'planned', time: '16:30', minutes: 30, note: '', movedTo: null },
  ...some,
})

describe('a timetable', () => {
  it('has a lesson on its weekday, unless something else is written', () => {
    expect(lessonOn([SLOT], [], MONDAY)).toMatchObject({ time: '16:30', status: 'planned', regular: true })
    expect(lessonOn([SLOT], [], '2026-12-01')).toBeNull()
    expect(lessonOn([SLOT], [written(MONDAY, { status: 'missed' })], MONDAY)).toMatchObject({ status: 'missed' })
    const extra = written('2026-12-02', { time: '09:00' })
    expect(lessonOn([SLOT], [extra], '2026-12-02')).toMatchObject({ time: '09:00', regular: false })
    expect(lessonOn([], [extra], '2026-12-02')).toMatchObject({ regular: false })
  })

  it('finds the next lesson past those that are missed or moved', () => {
    const all = [
      written('2026-12-07', { status: 'missed' }),
      written('2026-12-14', { status: 'moved', movedTo: '2026-12-16' }),
    ]
    expect(lessonAfter([SLOT], all, MONDAY)?.date).toBe('2026-12-21')
    expect(lessonAfter([SLOT], [...all, written('2026-12-16')], MONDAY)?.date).toBe('2026-12-16')
    expect(lessonAfter([], [], MONDAY)).toBeNull()
  })

  it('knows the last lesson that was written down', () => {
    const all = [written('2026-11-16', { note: 'early' }), written('2026-11-23', { note: 'late' }), written(MONDAY)]
    expect(lessonBefore(all, MONDAY)?.note).toBe('late')
    expect(lessonBefore([], MONDAY)).toBeNull()
  })

  it('has every week’s lessons on its days and no others', () => {
    const slots = fc.uniqueArray(fc.constantFrom(...WEEKDAYS), { maxLength: 7 })
    fc.assert(
      fc.property(slots, fc.nat(400), (days, ahead) => {
        const date = dateOf(dayOf(MONDAY)! + ahead)
        const own = days.map((weekday) => ({ ...SLOT, weekday }))
        expect(lessonOn(own, [], date) !== null).toBe(days.includes(weekdayOf(dayOf(date)!)))
      }),
      { numRuns: runs(50) },
    )
  })
})
