import { describe, expect, it } from 'vitest'
import { courseKeyOf } from '#core/lesson'
import { dateOf, dayOf, WEEKDAYS } from '#core/practice'
import { completeRecipe, TAUGHT } from '#core/instrument'
import { atomsOf, gradeSet, recipesForMissing } from '#core/syllabus'
import { COURSE_LISTS, courseFor } from '#shared/courses'
import { DEFAULT_LEARNING } from '#shared/lessons'
import { lessonViewOf, weekDays } from '#shared/lessonView'
import { tempoMeant } from '~/components/practice/told'
import { entryOf, lessonFile, someStudies, TODAY } from '../../support/practice'

const NOW = dayOf(TODAY)!
const CALLED = { title: 'Course', level: (level: number) => `Level ${level}` }
const viewOf = (some: Parameters<typeof lessonFile>[0]) => lessonViewOf(lessonFile(some), () => crypto.randomUUID())
/** A level's studies in order, as the server sends them. */
function courseOf(list: string, level = 0) {
  const course = courseFor(list, CALLED)!
  const { instrument } = TAUGHT.find((each) => each.list === list)!
  const recipes = course.grades
    .slice(level)
    .flatMap(({ id }) => recipesForMissing(course, gradeSet(course, id, []), { settings: { instrument } as never }))
  return {
    ...{ id: null, title: course.title, level, levels: course.grades.map(({ title }) => title) },
    recipes: recipes.map((recipe) => completeRecipe(recipe)),
  }
}

describe('the courses that come with the program', () => {
  it('are there for whatever is taught', () => {
    expect(new Set(TAUGHT.map(({ list }) => list))).toEqual(new Set(COURSE_LISTS))
    expect(courseFor('organ', CALLED)).toBeNull()
  })

  it.each(COURSE_LISTS)('of the %s is read whole, leaves nothing open, and can be played', (list) => {
    const course = courseFor(list, CALLED)!
    const entries = course.grades.flatMap(({ groups }) => groups.flatMap((group) => group.entries))
    expect(entries.filter(({ open }) => open.length > 0).map(({ words, open }) => [words, open])).toEqual([])
    for (const grade of course.grades) expect(atomsOf(course, grade).length).toBeGreaterThan(2)
    const { recipes } = courseOf(list)
    expect(recipes.length).toBeGreaterThan(10)
    for (const recipe of recipes) expect(recipe.tempo.bpm).toBeGreaterThan(30)
  })
})

describe('a lesson without an exam', () => {
  it.each(COURSE_LISTS)('is never empty: %s', (list) => {
    const { id } = TAUGHT.find((each) => each.list === list)!
    const view = viewOf({ course: courseOf(list), pupil: { instrument: id } })
    expect(view.exam).toBeNull()
    expect(view.items.length).toBeGreaterThan(0)
    expect(view.lines.length).toBeGreaterThan(0)
    expect(view.lines.every(({ days }) => days.length > 0)).toBe(true)
    expect(view.items.every(({ because }) => because === 'new')).toBe(true)
  })

  it('goes past the keys that are known, and takes up more as what was begun is through', () => {
    const course = courseOf('piano')
    const titles = (some: Parameters<typeof lessonFile>[0]) =>
      viewOf({ course, ...some }).rows.map(({ recipe }) => courseKeyOf(recipe))
    const first = titles({})
    expect(first).toEqual(course.recipes.slice(0, first.length).map(courseKeyOf))
    const known = titles({ pupil: { learning: { ...DEFAULT_LEARNING, knows: ['C', 'G'] } } })
    expect(known[0]).not.toBe(first[0])
    // right at the tempo on three days: through
    const [done] = course.recipes
    const record = [9, 6, 3].map((ago) => entryOf(done!, dateOf(NOW - ago), { tempo: 400 }))
    const after = titles({ record })
    expect(after).toContain(courseKeyOf(done!))
    expect(after.length).toBe(first.length + 1)
  })

  it('has a next thing after the last of the course as well', () => {
    const course = { ...courseOf('piano'), recipes: someStudies(2) }
    const record = course.recipes.flatMap((recipe) =>
      [9, 6, 3].map((ago) => entryOf(recipe, dateOf(NOW - ago), { tempo: 400 })),
    )
    const view = viewOf({ course, record })
    expect(view.rows).toHaveLength(2)
    expect(view.items.length + view.lines.length).toBeGreaterThan(0)
  })
})

describe('a lesson', () => {
  it('keeps what it asks in its place while it is given, and hears in the week what was told', () => {
    const studies = someStudies(4)
    const record = studies.map((study) => entryOf(study, dateOf(NOW - 12)))
    const before = viewOf({ studies, record })
    const told = [
      ...record,
      entryOf(studies[2]!, TODAY, { outcome: 'wrong', where: { place: 'turn', player: 'left' } }),
    ]
    const after = viewOf({ studies, record: told })
    expect(after.items).toEqual(before.items)
    expect(after.lines[0]).toMatchObject({ because: 'wrong', hands: 'left', where: { place: 'turn' } })
    expect(courseKeyOf(after.lines[0]!.study)).toBe(courseKeyOf(studies[2]!))
  })

  it('shows what came of the week before, day by day', () => {
    const [study] = someStudies(1)
    const line = { ...viewOf({ studies: [study!] }).lines[0]! }
    const { watch: _, ...own } = line
    const from = dateOf(NOW - 7)
    const home = (ago: number, outcome: 'right' | 'wrong') =>
      entryOf(study!, dateOf(NOW - ago), { kind: 'home', outcome, hands: own.hands, octaves: own.octaves })
    const before = { from, lines: [own], note: '', version: 1 }
    const record = [home(6, 'right'), home(5, 'right'), home(5, 'wrong'), home(2, 'right')]
    const { since } = viewOf({ studies: [study!], record, before })
    expect(since).toMatchObject({ from: NOW - 7, practised: 3, days: 6 })
    expect(since!.boxes[0]!.map(({ outcome }) => outcome)).toEqual(['right', 'wrong', null, null, 'right', null])
  })

  it('tells what else was played since, and what was played where nothing was set', () => {
    const [set, other] = someStudies(2)
    const line = { ...viewOf({ studies: [set!] }).lines[0]! }
    const { watch: _, ...own } = line
    const home = (study: typeof set, ago: number, outcome: 'right' | 'wrong') =>
      entryOf(study!, dateOf(NOW - ago), { kind: 'home', outcome })
    const record = [home(set, 5, 'right'), home(other, 4, 'wrong'), home(other, 2, 'right'), home(other, 9, 'right')]
    const before = { from: dateOf(NOW - 7), lines: [own], note: '', version: 1 }
    const { played } = viewOf({ studies: [set!], record, before })
    expect(played).toEqual([{ study: other, count: 2, right: 1, last: NOW - 2 }])
    // where nothing was set, everything since the last lesson
    const lessons = [
      {
        ...{ date: dateOf(NOW - 5), status: 'given' as const, time: '10:00', minutes: 30, note: '' },
        movedTo: null,
        version: 1,
      },
    ]
    const without = viewOf({ studies: [set!], record, lessons })
    expect(without.since).toBeNull()
    expect(without.played.map(({ count }) => count)).toEqual([2, 1])
  })

  it('means by a tempo that nobody says the one that was last set, hand by hand', () => {
    const [study] = someStudies(1)
    const [line] = viewOf({ studies: [study!] }).lines
    const { watch: _, ...own } = line!
    const lines = [
      { ...own, hands: 'right' as const, tempo: 90, reach: 96 },
      { ...own, id: 'other', hands: 'together' as const, tempo: 70, reach: 76 },
    ]
    const [row] = viewOf({ studies: [study!], before: { from: dateOf(NOW - 7), lines, note: '', version: 1 } }).rows
    expect(row!.tempi).toEqual({ right: 96, together: 76 })
    expect([tempoMeant(row!, 'right'), tempoMeant(row!, null)]).toEqual([96, 76])
    // of what nobody set it is where practice begins, never what is asked
    const [fresh] = viewOf({ studies: [study!] }).rows
    expect(tempoMeant(fresh!, null)).toBe(fresh!.tempo)
    expect(fresh!.tempo).toBeLessThan(fresh!.required)
  })

  it('sets the week to the next lesson, on the days of practice and within their minutes', () => {
    const studies = someStudies(6)
    const pupil = { lessons: [{ weekday: WEEKDAYS[5]!, time: '10:00', minutes: 30 }] }
    const view = viewOf({ studies, pupil, aim: { days: ['mon', 'wed', 'fri'], minutesADay: 15 } })
    expect(view.next).not.toBeNull()
    expect(view.until).toBe(dayOf(view.next!.date)! - 1)
    expect(weekDays(view).length).toBeLessThanOrEqual(7)
    for (const { days } of view.lines) expect(['mon', 'wed', 'fri']).toEqual(expect.arrayContaining([...days]))
  })

  it('shows a week that was set as it was set', () => {
    const studies = someStudies(3)
    const [first] = viewOf({ studies }).lines
    const { watch: _, ...line } = { ...first!, note: 'slowly', because: 'by-hand' as const }
    const view = viewOf({ studies, week: { from: TODAY, lines: [line], note: '', version: 2 } })
    expect(view.proposed).toBe(false)
    expect(view.lines).toMatchObject([line])
  })

  it('is there for a pupil with nothing at all', () => {
    expect(viewOf({})).toMatchObject({ rows: [], items: [], lines: [], since: null, lesson: null })
  })
})
