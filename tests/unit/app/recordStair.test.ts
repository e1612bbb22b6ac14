import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, dayOf, weekdayOf } from '#core/practice'
import { FRAME, scaleOf, stairOf } from '~/components/practice/stairs'
import { bpmOf, notesOf, tapping } from '~/components/practice/tempo'
import { markOf } from '~/practice/marks'
import { viewOf } from '#shared/practiceView'
import { entryOf, practiceFile, someStudies, TODAY } from '../../support/practice'
import { runs } from '../../support/runs'

const NOW = dayOf(TODAY)!
const WIDTH = 900
const END = WIDTH - FRAME.right
const studies = someStudies(3)

/** Every number of a path, told apart by its letter. */
const coordinates = (path: string, letter: 'H' | 'V'): number[] =>
  [...path.matchAll(new RegExp(`${letter}(-?[\\d.]+)`, 'g'))].map(([, number]) => Number(number))

const anyPast = fc.array(
  fc.record({
    ago: fc.integer({ min: 0, max: 120 }),
    outcome: fc.constantFrom('right', 'hesitated', 'wrong'),
    tempo: fc.integer({ min: 40, max: 90 }),
    kind: fc.constantFrom('lesson', 'cold-test', 'home'),
  }),
  { maxLength: 25 },
)

describe('the stair of the record', () => {
  const check = (of: (view: ReturnType<typeof viewOf>) => void) =>
    fc.assert(
      fc.property(anyPast, fc.integer({ min: 3, max: 150 }), (past, ahead) => {
        const record = past
          .toSorted((a, b) => b.ago - a.ago)
          .map(({ ago, tempo, ...rest }) => entryOf(studies[0]!, dateOf(NOW - ago), { ...rest, tempo: 2 * tempo }))
        of(viewOf(practiceFile({ studies, record, aim: { exam: dateOf(NOW + ahead) } })))
      }),
      { numRuns: runs(60) },
    )

  it('runs from before the first entry to the double bar, a bar line each Monday', () => {
    check(({ rows, today, exam }) => {
      const scale = scaleOf(rows, today, exam, WIDTH)
      expect(scale.x(scale.from)).toBe(FRAME.left)
      expect(scale.x(exam!)).toBe(END)
      expect(scale.weeks.every((week) => weekdayOf(week) === 'mon' && week > scale.from && week < exam!)).toBe(true)
      // what is to come has the most of the room, however long the past
      expect(today - scale.from).toBeLessThanOrEqual(Math.max(31, 3 + (exam! - today) / 2 + 1))
    })
  })

  it('stays within its line and its days, and goes forward', () => {
    check(({ rows, today, exam }) => {
      const scale = scaleOf(rows, today, exam, WIDTH)
      for (const row of rows) {
        const stair = stairOf(row, scale, today)
        for (const path of [stair.played, stair.planned]) {
          const along = coordinates(path, 'H')
          expect(along).toEqual(along.toSorted((a, b) => a - b))
          expect(along.every((x) => x >= FRAME.left - 0.1 && x <= END + 0.1)).toBe(true)
          expect(coordinates(path, 'V').every((y) => y > 0 && y < FRAME.row)).toBe(true)
        }
        for (const { x, y } of stair.marks) {
          expect(x).toBeGreaterThanOrEqual(FRAME.left)
          expect(x).toBeLessThanOrEqual(scale.x(today))
          expect(y).toBeGreaterThan(0)
          expect(y).toBeLessThan(FRAME.row)
        }
      }
    })
  })

  it('plans no tempo above the dotted line of the aim', () => {
    check(({ rows, today, exam }) => {
      const scale = scaleOf(rows, today, exam, WIDTH)
      for (const row of rows) {
        const { planned, aim } = stairOf(row, scale, today)
        expect(coordinates(planned, 'V').every((y) => y >= aim - 0.11)).toBe(true)
      }
    })
  })

  it('can be taken hold of where work begins that is not at its tempo yet, and only there', () => {
    check(({ rows, today, exam }) => {
      const scale = scaleOf(rows, today, exam, WIDTH)
      for (const row of rows) {
        const { begins } = stairOf(row, scale, today)
        const work = row.planned.find(({ test, tempo }) => !test && tempo < row.required)
        expect(begins).toBe(work ? scale.x(work.day) : null)
      }
    })
  })

  it('shows some weeks where there is no exam', () => {
    const { rows, today } = viewOf(practiceFile({ studies, aim: null }))
    const scale = scaleOf(rows, today, null, WIDTH)
    expect([scale.from, scale.to]).toEqual([today - 3, today + 42])
    expect(stairOf(rows[0]!, scale, today)).toMatchObject({ played: '', planned: '', marks: [], begins: null })
  })

  it.each([
    ['right', 144, 'at'],
    ['right', 143, 'below'],
    ['hesitated', 160, 'hesitated'],
    ['wrong', 144, 'wrong'],
  ] as const)('has a disc for a test that was %s at %i: %s', (outcome, tempo, mark) => {
    expect(markOf({ day: NOW, outcome, tempo, cold: true }, 144)).toBe(mark)
  })
})

describe('a tempo', () => {
  it('is set in beats and kept in notes, without a loss', () => {
    for (const notesPerBeat of [1, 2, 3, 4, 6, 8] as const) {
      const recipe = { tempo: { bpm: 60, notesPerBeat } }
      for (let bpm = 20; bpm <= 240; bpm++) expect(bpmOf(notesOf(bpm, recipe), recipe)).toBe(bpm)
    }
  })

  it('is tapped: the mean of the last taps, begun anew after a pause', () => {
    let now = 0
    const tap = tapping(() => now)
    const after = (ms: number): number | null => {
      now += ms
      return tap()
    }
    expect(after(500)).toBeNull()
    expect([after(500), after(500)]).toEqual([120, 120])
    // one tap out of time moves it a little
    expect(after(620)).toBe(Math.round(60_000 / ((500 + 500 + 620) / 3)))
    expect(after(3000)).toBeNull()
    expect(after(1000)).toBe(60)
    // an old tempo is forgotten after eight taps
    for (let at = 0; at < 8; at++) after(300)
    expect(after(300)).toBe(200)
  })
})
