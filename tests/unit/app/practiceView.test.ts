import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { dateOf, dayOf, gradesBelow, type Help, prepare, targetsFor, wouldHelp } from '#core/practice'
import { fullGrade, atomsOf, drawOf, gradeOf, gradeSet, recipesForMissing, DEFAULT_POLICIES } from '#core/syllabus'
import { studiesLeft, triedOn } from '~/practice/trial'
import { preparationIn, viewOf } from '#shared/practiceView'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import { syllabusOf } from '../../../shared/schemas'
import { entryOf, practiceFile, someStudies, TODAY } from '../../support/practice'

const NOW = dayOf(TODAY)!
const studies = someStudies(6)
const ago = (days: number): string => dateOf(NOW - days)

describe('the record as the page shows it', () => {
  const record = [
    entryOf(studies[0]!, ago(8), { kind: 'lesson' }),
    entryOf(studies[0]!, ago(1)),
    entryOf(studies[1]!, ago(3), { kind: 'lesson', outcome: 'wrong', tempo: 100 }),
    entryOf(studies[2]!, ago(2), { kind: 'home', hands: 'right', octaves: 1, tempo: 90 }),
  ]
  const view = viewOf(practiceFile({ studies, record }))

  it('has a line for each study, printed, played or ready', () => {
    expect(view.rows.map(({ id }) => id)).toEqual(studies.map((_, at) => `study ${at}`))
    expect(view.rows.map(({ practiceState }) => practiceState)).toEqual([
      ...['ready', 'learning', 'learning', 'untried', 'untried', 'untried'],
    ])
    expect(view.rows.map(({ tries }) => tries.length)).toEqual([2, 1, 0, 0, 0, 0])
    expect(view.rows[0]).toMatchObject({ required: 144, cleanTempo: 144, wrongOn: null })
    expect(view.rows[1]).toMatchObject({ cleanTempo: 0, wrongOn: NOW - 3 })
  })

  it('says of each study what the days say of it', () => {
    for (const row of view.rows) {
      const inDays = view.days.flatMap(({ day, items }) =>
        items.filter(({ study }) => study === row.study).map(({ tempo, test }) => ({ day, tempo, test })),
      )
      expect(row.planned).toEqual(inDays)
      expect(row.planned.length).toBeGreaterThan(0)
      expect(row.chance).toBe(view.then!.chances[row.study])
    }
  })

  it('shows the next practice day with what to watch for', () => {
    expect(view.next!.day).toBe(NOW)
    expect(view.minutes).toBe(15)
    const [first] = view.next!.items
    // what went wrong is asked before anything else
    expect(first).toMatchObject({ study: 1, test: true })
    const sittings = view.next!.items.filter(({ test }) => !test)
    expect(sittings.some(({ watch }) => watch !== null)).toBe(true)
  })

  it('leaves out of today what today has had', () => {
    const some = entryOf(studies[3]!, TODAY, { kind: 'home', hands: 'right', octaves: 1, minutes: 10, tempo: 90 })
    const after = viewOf(practiceFile({ studies, record: [...record, some] }))
    expect(after.minutes).toBe(5)
    const minutes = after.next!.items.reduce((sum, item) => sum + item.minutes, 0)
    expect(minutes).toBeLessThanOrEqual(5)
  })

  it('tells what today changed in the plan, and nothing where nothing was played', () => {
    expect(view.changes).toEqual([])
    const wrong = entryOf(studies[0]!, TODAY, { outcome: 'wrong' })
    const { changes } = viewOf(practiceFile({ studies, record: [...record, wrong] }))
    expect(changes.find(({ study }) => study === 0)).toMatchObject({ is: 'tested' })
  })

  it.each([
    ['without an aim', practiceFile({ studies, record, aim: null })],
    ['when the exam is over', practiceFile({ studies, record, aim: { exam: ago(1) } })],
    ['on the day of the exam', practiceFile({ studies, record, aim: { exam: TODAY } })],
  ])('stands %s, with no plan', (_, file) => {
    const stands = viewOf(file)
    expect(stands).toMatchObject({ exam: null, then: null, days: [], next: null, changes: [] })
    expect(stands.rows.map(({ practiceState }) => practiceState)).toEqual(
      view.rows.map(({ practiceState }) => practiceState),
    )
    expect(stands.rows.map(({ chance }) => chance)).toEqual(stands.now.chances)
    expect(stands.rows.every(({ planned }) => planned.length === 0)).toBe(true)
  })

  it('counts what the grade asks and the set does not have', () => {
    const items = [0, 1, null].map((study) => ({
      ...{ group: 'A', study, atom: null, required: null, printed: study !== null },
      words: { code: 'text', params: { text: '' } },
    }))
    const draw = { pattern: { groups: [{ group: 'A', asks: 2 }], more: 0, assumed: false }, items }
    const { lacking, then } = viewOf(practiceFile({ studies, record, draw: draw as never }))
    expect(lacking).toBe(1)
    expect(then!.drawn).toBe(2)
  })

  it('is of a set with nothing in it', () => {
    const none = viewOf(practiceFile({ studies: [] }))
    expect(none).toMatchObject({ rows: [], days: [], then: null })
  })
})

describe('what is tried on', () => {
  const many = someStudies(10)
  const file = practiceFile({ studies: many, aim: { exam: dateOf(NOW + 21), minutesADay: 6 } })
  const preparation = preparationIn(file)
  const help = wouldHelp(preparation, prepare(preparation))
  const of = (change: Help['change']): Help => help.find((each) => each.change === change)!

  it.each(['minutes', 'weeks', 'leave'] as const)('comes to what was said of it: %s', (change) => {
    const then = viewOf(triedOn(file, of(change))).then!
    expect(then.chance).toBeCloseTo(of(change).chance, 12)
    expect(then.notReady).toEqual([])
  })

  it('keeps nothing of it in what it was tried on', () => {
    const before = JSON.stringify(file)
    for (const each of help) triedOn(file, each)
    expect(JSON.stringify(file)).toBe(before)
  })

  it('leaves out the studies that were named, and no others', () => {
    const leave = of('leave') as Extract<Help, { change: 'leave' }>
    const stored = studiesLeft(file, leave)
    expect(triedOn(file, leave).set.studies.map(({ id }) => id)).toEqual(stored)
    expect(stored).toHaveLength(10 - leave.studies.length)
    for (const study of leave.studies) expect(stored).not.toContain(`study ${study}`)
    expect(studiesLeft(file, of('weeks'))).toHaveLength(10)
  })

  it('keeps a teacher’s week of what stays', () => {
    const pins = many.map((_, at) => ({ studyId: `study ${at}`, week: dateOf(NOW + 14) }))
    const leave = of('leave')
    const tried = preparationIn(triedOn(practiceFile({ studies: many, aim: { pins } }), leave))
    expect(tried.pins!.map(({ study }) => study)).toEqual(tried.targets.map((_, at) => at))
  })

  it('takes the grade below: what serves of the set, and what it asks besides', () => {
    const board = syllabusOf(corvane)
    const grade = gradeOf(board, '5')
    const own = recipesForMissing(board, gradeSet(board, '5', [])).map((each) => completeRecipe(each))
    const draw = drawOf(fullGrade(board, grade), atomsOf(board, grade), gradeSet(board, '5', own))
    const instead = gradesBelow(board, '5', own, DEFAULT_POLICIES)
    const graded = practiceFile({ studies: own, draw, instead, aim: { minutesADay: 8 } })
    const now = preparationIn(graded)
    const grades = instead.map(({ studies: all, ...other }) => ({ ...other, targets: targetsFor(all, other.draw) }))
    const lower = wouldHelp(now, prepare(now), grades).find(({ change }) => change === 'grade')!
    const tried = triedOn(graded, lower)
    const shown = instead.find(({ grade: id }) => id === (lower as { grade: string }).grade)!
    expect(tried.set.studies.map(({ recipe }) => recipe)).toEqual(shown.studies)
    expect(viewOf(tried).then!.chance).toBeCloseTo(lower.chance, 12)
    // what serves keeps its name, so that nothing of the record is lost; what is new has none yet
    const stored = studiesLeft(graded, lower)
    expect(shown.places.filter((place) => place !== null)).toHaveLength(stored.length)
    expect(tried.set.studies.filter(({ id }) => id.startsWith('study')).map(({ id }) => id)).toEqual(stored)
  })
})
