import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { dateOf, dayOf, prepare, type PlanItem, practiceDays, type WrittenPreparation } from '#core/practice'
import { anyPreparation, entryOf, prepared, someStudies, TODAY } from '../../../support/practice'
import { runs } from '../../../support/runs'

const NOW = dayOf(TODAY)!
const DAYS = ['mon', 'tue', 'wed', 'fri', 'sat'] as const
const term = {
  ...{ today: TODAY, exam: dateOf(NOW + 105), minutesADay: 20, record: [], studies: someStudies(16) },
  ...{ days: DAYS, lesson: 'thu' as const },
}
const planOf = (written: WrittenPreparation) => {
  const preparation = prepared(written)
  return { ...prepare(preparation), preparation }
}
type Shown = ReturnType<typeof planOf>
const check = (of: (shown: Shown) => void, written = anyPreparation, count = 60) =>
  fc.assert(
    fc.property(written, (each) => of(planOf(each))),
    { numRuns: runs(count) },
  )
/** Nothing was played yet. */
const anyBeginning = anyPreparation.map((written) => ({ ...written, record: [] }))
/** The day on which each study is first planned. */
function begun({ plan }: Shown): Map<number, number> {
  const first = new Map<number, number>()
  for (const { day, items } of plan.days) for (const { study } of items) if (!first.has(study)) first.set(study, day)
  return first
}
const study = (recipe: RecipeInput) =>
  completeRecipe({ octaves: 2, hands: 'together', tempo: { bpm: 72, notesPerBeat: 2 }, ...recipe } as RecipeInput)

describe('the first week', () => {
  it('has its first quick tests: of as much as is there', () => {
    check((shown) => {
      const { plan, preparation } = shown
      const week = practiceDays(preparation.aim).filter(({ day, testsOnly }) => day < NOW + 7 && !testsOnly)
      // somebody is there on two days, with time for a test and a sitting
      if (preparation.aim.exam < NOW + 9 || week.length < 2 || week.slice(0, 2).some(({ minutes }) => minutes < 3))
        return
      const tests = plan.days
        .filter(({ day }) => day < NOW + 7)
        .flatMap(({ items }) => items.filter(({ test }) => test))
      expect(tests.length).toBeGreaterThan(0)
      for (const { study: at, stage } of tests) {
        const own = preparation.targets[at]!.stages.find(({ id }) => id === stage)!
        expect(own.plain).toBe(true)
      }
    }, anyBeginning)
  })

  it('begins at most five, two at least, and no week more unless the list is long for its time', () => {
    check((shown) => {
      const { preparation } = shown
      const { aim, targets } = preparation
      const weeks = (aim.exam - NOW) / 7
      if (weeks * 2 < targets.length) return
      const first = [...begun(shown).values()]
      for (let day = NOW; day < aim.exam; day++) {
        const fresh = first.filter((each) => each > day - 7 && each <= day).length
        expect(fresh).toBeLessThanOrEqual(5)
      }
    }, anyBeginning)
  })
})

describe('a plan as a teacher makes one', () => {
  it('begins what is hard first, each unlike the one before', () => {
    const { preparation, ...rest } = planOf(term)
    const order = [...begun({ preparation, ...rest }).keys()]
    const kindOf = (at: number) => (term.studies[at]!.material as { kind: string }).kind
    const tonicOf = (at: number) => (term.studies[at]!.material as { tonic: string }).tonic
    expect(order).toHaveLength(16)
    // four flats before none
    const where = (tonic: string) => order.findIndex((at) => tonicOf(at) === tonic && kindOf(at) === 'major')
    expect(where('Ab')).toBeLessThan(where('C'))
  })

  it('starves none: where the time will do, each comes to the tempo asked', () => {
    const studies = [
      ...['D', 'A', 'E', 'Bb'].map((tonic) => study({ material: { tonic, kind: 'major' } })),
      ...['E', 'C', 'D'].map((tonic) => study({ material: { tonic, kind: 'major' }, motion: 'contrary' })),
      ...['B', 'G', 'C'].map((tonic) => study({ material: { tonic, kind: 'harmonic-minor' } })),
    ]
    const { plan, preparation } = planOf({ ...term, studies })
    studies.forEach((_, at) => {
      const tempi = plan.days.flatMap(({ items }) =>
        items.filter((item) => item.study === at).map(({ tempo }) => tempo),
      )
      expect(Math.max(...tempi)).toBeGreaterThanOrEqual(preparation.targets[at]!.required)
    })
    expect(plan.unseen).toEqual([])
  })

  it('leaves none at its first tempo while others are at theirs, where the time is short', () => {
    const { plan } = planOf({ ...term, minutesADay: 12 })
    // the notes of nearly all are there before the exam, though a third of the minutes are
    const through = plan.courses.filter(({ target, stage }) => target.stages[stage]!.pace !== 'slow')
    expect(through.length).toBeGreaterThanOrEqual(14)
  })

  it('asks before it warms, and puts likes apart', () => {
    check(({ plan, preparation }) => {
      for (const { items } of plan.days) {
        const first = items.findIndex(({ test }) => !test)
        if (first >= 0) expect(items.slice(first).every(({ test }) => !test)).toBe(true)
      }
      const keys = preparation.targets.map(({ recipe }) => recipe.material as { tonic: string; kind: string })
      const like = (a: PlanItem, b: PlanItem) =>
        a.study !== b.study &&
        keys[a.study]!.kind === keys[b.study]!.kind &&
        keys[a.study]!.tonic === keys[b.study]!.tonic
      for (const { items } of plan.days) expect(items.slice(1).some((item, at) => like(items[at]!, item))).toBe(false)
    })
  })

  it('alternates kinds where a day has as many of one as of another', () => {
    const { plan } = planOf({ ...term, minutesADay: 40 })
    const kinds = plan.days.flatMap(({ items }) => {
      const sittings = items
        .filter(({ test }) => !test)
        .map((item) => (term.studies[item.study]!.material as { kind: string }).kind)
      const counts = [...new Set(sittings)].map((kind) => sittings.filter((each) => each === kind).length)
      return counts.length > 1 && Math.max(...counts) - Math.min(...counts) <= 1 ? [sittings] : []
    })
    expect(kinds.length).toBeGreaterThan(3)
    const pairs = kinds.flatMap((sittings) => sittings.slice(1).map((kind, at) => kind === sittings[at]))
    expect(pairs.filter(Boolean).length / pairs.length).toBeLessThan(0.25)
  })
})

describe('two studies that differ by touch', () => {
  const legato = study({ material: { tonic: 'D', kind: 'major' } })
  const staccato = study({ material: { tonic: 'D', kind: 'major' }, articulation: 'staccato' })
  const other = study({ material: { tonic: 'Eb', kind: 'major' }, articulation: 'staccato' })

  it('have their notes in common: what was right of one needs not be learned for the other', () => {
    const record = [entryOf(legato, dateOf(NOW - 2), { kind: 'lesson', tempo: 100 })]
    const { states, practiceStates, preparation } = planOf({ ...term, studies: [legato, staccato, other], record })
    const stageOf = (at: number) => preparation.targets[at]!.stages[states[at]!.stage]!
    expect(stageOf(1).pace).not.toBe('slow')
    expect(stageOf(2).id).toBe('right-alone')
    // its own tempo and its own tests are still to come
    expect(states[1]!.cleanTempo).toBe(0)
    expect(practiceStates[1]).toBe('untried')
  })

  it('of other lengths have in common what both have of it, and no stage more', () => {
    const short = study({ material: { tonic: 'D', kind: 'major' }, octaves: 1 })
    const long = study({ material: { tonic: 'D', kind: 'major' }, articulation: 'staccato' })
    const { plan } = planOf({ ...term, studies: [short, long] })
    const octaves = plan.days.flatMap(({ items }) =>
      items.filter(({ study: at, stage, test }) => at === 1 && stage === 'octaves' && !test),
    )
    expect(octaves.length).toBeGreaterThan(0)
  })

  it('take up the second once the first has its notes', () => {
    const shown = planOf({ ...term, studies: [legato, staccato] })
    const [first, second] = [...begun(shown).entries()].sort((a, b) => a[1] - b[1])
    const before = shown.plan.days.flatMap(({ day, items }) => (day < second![1] ? items : []))
    expect(before.length).toBeGreaterThan(4)
    const opening = shown.plan.days
      .find(({ day }) => day === second![1])!
      .items.find((item) => item.study === second![0])!
    expect(shown.preparation.targets[second![0]]!.stages.find(({ id }) => id === opening.stage)!.pace).not.toBe('slow')
    expect(first![0]).not.toBe(second![0])
  })
})

describe('a lesson', () => {
  it('has minutes of its own', () => {
    const { plan } = planOf({ ...term, lessonMinutes: 15 })
    for (const { lesson, items } of plan.days) {
      const minutes = items.reduce((sum, item) => sum + item.minutes, 0)
      expect(minutes).toBeLessThanOrEqual(lesson ? 15 : 20)
    }
  })

  it('hears what was begun since the last, and shows what is new', () => {
    const shown = planOf(term)
    const first = begun(shown)
    const lessons = shown.plan.days.filter(({ lesson, day }) => lesson && day > NOW + 6 && day < NOW + 28)
    for (const { day, items } of lessons) {
      const since = [...first].filter(([, on]) => on < day && on >= day - 6).map(([at]) => at)
      const heard = items.filter(({ test }) => test).length
      expect(heard).toBeGreaterThanOrEqual(Math.min(5, since.length) - 1)
    }
    const inLessons = lessons.flatMap(({ day, items }) => items.filter(({ study: at }) => first.get(at) === day))
    expect(inLessons.length).toBeGreaterThan(0)
  })
})
