import { describe, expect, it } from 'vitest'
import { completeRecipe, type Recipe } from '#core/instrument'
import {
  changeBy,
  dateOf,
  dayOf,
  examDraw,
  gradesBelow,
  prepare,
  practiceStatesToday,
  targetsFor,
  wouldHelp,
} from '#core/practice'
import { fullGrade, atomsOf, drawOf, gradeOf, gradeSet, recipesForMissing, DEFAULT_POLICIES } from '#core/syllabus'
import corvane from '../../../../demo/syllabi/corvane-piano.json'
import { syllabusOf } from '../../../../shared/schemas'
import { entryOf, prepared, someStudies, TODAY } from '../../../support/practice'

const NOW = dayOf(TODAY)!
const board = syllabusOf(corvane)
/** Everything that a grade asks, and its draw. */
function gradeStudies(id: string) {
  const grade = gradeOf(board, id)
  const studies = recipesForMissing(board, gradeSet(board, id, [])).map((each) => completeRecipe(each))
  return { studies, draw: drawOf(fullGrade(board, grade), atomsOf(board, grade), gradeSet(board, id, studies)) }
}
const tight = {
  ...{ today: TODAY, exam: dateOf(NOW + 21), minutesADay: 6, studies: someStudies(10), record: [] },
  days: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'] as const,
}

describe('what would help', () => {
  const preparation = prepared(tight)
  const now = prepare(preparation)
  const help = wouldHelp(preparation, now)

  it('is offered where the time will not do: minutes, weeks, fewer studies', () => {
    expect(now.then.notReady.length).toBeGreaterThan(0)
    expect(help.map(({ change }) => change)).toEqual(['minutes', 'weeks', 'leave'])
  })

  it('is the least that does, and comes to what it says when it is done', () => {
    for (const each of help) {
      if (each.change === 'leave' || each.change === 'grade') continue
      const done = (less: number) =>
        prepare(
          prepared(
            each.change === 'minutes'
              ? { ...tight, minutesADay: each.minutesADay - less }
              : { ...tight, exam: dateOf(each.exam - 7 * less) },
          ),
        ).then
      expect(done(0).chance).toBeCloseTo(each.chance, 12)
      expect(done(0).notReady).toEqual(each.notReady)
      expect(each.notReady).toEqual([])
      expect(done(1).notReady.length).toBeGreaterThan(0)
    }
  })

  it('leaves out no more studies than it has to, by their own places', () => {
    const leave = help.find(({ change }) => change === 'leave')!
    const { studies } = leave as Extract<typeof leave, { change: 'leave' }>
    const stored = tight.studies.filter((_, at) => !studies.includes(at))
    expect(prepare(prepared({ ...tight, studies: stored })).then.notReady).toEqual([])
    expect(studies.every((study) => study < 10)).toBe(true)
  })

  describe('by a list', () => {
    const examined = { list: board, grade: 'initial', policies: DEFAULT_POLICIES }
    const { studies } = gradeStudies('initial')
    // some were played once, and are known a little still
    const record = studies.slice(0, 4).map((study) => entryOf(study, dateOf(NOW - 5)))
    const of = (some: readonly Recipe[]) =>
      prepared({ ...tight, minutesADay: 15, record, studies: some, draw: examDraw(examined, some, record) })
    const leavingOutOf = (all: readonly Recipe[]) => (left: readonly number[]) => {
      const { targets, draw } = of(all.filter((_, at) => !left.includes(at)))
      return { targets, draw }
    }

    it('promises the chance that the plan has once studies are left out that the list does not ask', () => {
      const beyond = someStudies(30).slice(18)
      const all = [...studies, ...beyond]
      const now = prepare(of(all))
      const leave = wouldHelp(of(all), now, [], leavingOutOf(all)).find(({ change }) => change === 'leave')!
      const { studies: left } = leave as Extract<typeof leave, { change: 'leave' }>
      expect(leave.chance).toBeGreaterThan(now.then.chance + 0.01)
      expect(prepare(of(all.filter((_, at) => !left.includes(at)))).then.chance).toBeCloseTo(leave.chance, 12)
    })

    it('offers to leave nothing out where that makes the exam no likelier, though fewer were then not ready', () => {
      const all = [...studies, ...someStudies(30).slice(18)]
      const late = (some: readonly Recipe[]) => ({ ...of(some), aim: { ...of(some).aim, exam: NOW + 2 } })
      const now = prepare(late(all))
      const without = prepare(late(studies)).then
      expect(without.notReady.length).toBeLessThan(now.then.notReady.length)
      expect(without.chance).toBeLessThanOrEqual(now.then.chance + 0.01)
      const help = wouldHelp(late(all), now, [], (left) => {
        const { targets, draw } = late(all.filter((_, at) => !left.includes(at)))
        return { targets, draw }
      })
      expect(help.map(({ change }) => change)).not.toContain('leave')
    })

    it('can still be asked what was left out, at the chance that it has unpractised', () => {
      const { draw } = of(studies.slice(1))
      const [left] = draw.items.filter(({ study }) => study === null)
      expect(draw.items).toHaveLength(of(studies).draw.items.length)
      expect(left).toMatchObject({ beside: studies[0], required: of(studies).draw.items[0]!.required })
      const chances = (known: typeof record) =>
        practiceStatesToday([], known, { pattern: { groups: [], more: 1, assumed: false }, items: [left!] }, NOW)
          .outlook.chance
      expect(chances(record)).toBeGreaterThan(0.5)
      expect(chances([])).toBeLessThan(chances(record))
      // so it makes no promise that leaving one out would help
      const help = wouldHelp(of(studies), prepare(of(studies)), [], leavingOutOf(studies))
      expect(help.filter(({ change }) => change === 'leave')).toEqual([])
    })
  })

  it('names the nearest grade below that would do', () => {
    const studies = gradeStudies('5')
    const own = { ...tight, ...studies }
    const preparation = prepared(own)
    const grades = gradesBelow(board, '5', studies.studies, DEFAULT_POLICIES).map(({ studies: all, ...other }) => ({
      ...other,
      targets: targetsFor(all, other.draw),
    }))
    expect(grades.map(({ grade }) => grade)).toEqual(['4', '3'])
    const [instead] = wouldHelp(preparation, prepare(preparation), grades).filter(({ change }) => change === 'grade')
    expect(instead).toMatchObject({ grade: '3' })
  })

  it('is silent where all will be ready', () => {
    const easy = prepared({ ...tight, exam: dateOf(NOW + 150), minutesADay: 45, studies: someStudies(3) })
    expect(wouldHelp(easy, prepare(easy))).toEqual([])
  })
})

describe('what the news changed', () => {
  it('is told study by study, the soonest thing of each', () => {
    const studies = someStudies(6)
    const record = studies.map((study) => entryOf(study, dateOf(NOW - 4), { kind: 'lesson', tempo: 110 }))
    const preparation = prepared({
      ...{ ...tight, studies },
      record: [...record, entryOf(studies[2]!, TODAY, { outcome: 'wrong', tempo: 110, minutes: 1 })],
    })
    const changes = changeBy(preparation, prepare(preparation).plan, ({ date }) => date === TODAY)
    const [own] = changes.filter(({ study }) => study === 2)
    expect(own!.is).toBe('tested')
    // Saturday it went wrong; Sunday is free, so Monday
    expect(own!.day).toBe(NOW + 2)
  })

  it('is nothing where there is none', () => {
    const quiet = prepared(tight)
    expect(changeBy(quiet, prepare(quiet).plan, ({ date }) => date === TODAY)).toEqual([])
  })
})
