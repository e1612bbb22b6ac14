import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  fullGrade,
  type AtomReport,
  atomsOf,
  chanceOf,
  drawOf,
  drawExam,
  gradeOf,
  gradeSet,
  type Marking,
  recipesForMissing,
  resultOf,
  DEFAULT_MARKING,
} from '#core/syllabus'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import { drawPattern } from '../../../core/syllabus/drawn'
import { syllabusOf } from '../../../shared/schemas'
import { entryOf, listOf } from '../../support/syllabi'
import { inEnglish } from '../../support/english'
import { runs } from '../../support/runs'

const board = syllabusOf(corvane)

/** Every draw of so many from each group and so many more from what is left: the mean of their chances. */
function enumerated(groups: readonly { asks: number; items: readonly number[] }[], more: number): number {
  type Item = { group: number; chance: number }
  const subsets = (items: readonly Item[], size: number): Item[][] =>
    size === 0
      ? [[]]
      : items.flatMap((item, at) => subsets(items.slice(at + 1), size - 1).map((rest) => [item, ...rest]))
  const chanceAll = (items: readonly Item[]): number => items.reduce((product, { chance }) => product * chance, 1)
  const all = groups.map(({ items }, group) => items.map((chance): Item => ({ group, chance })))
  const go = (at: number, left: Item[], so: number): [number, number] => {
    if (at === groups.length) {
      const last = subsets(left, Math.min(more, left.length))
      return [last.reduce((sum, draw) => sum + so * chanceAll(draw), 0), last.length]
    }
    return subsets(all[at]!, Math.min(groups[at]!.asks, all[at]!.length))
      .map((draw) => go(at + 1, [...left, ...all[at]!.filter((item) => !draw.includes(item))], so * chanceAll(draw)))
      .reduce<[number, number]>(([a, b], [c, d]) => [a + c, b + d], [0, 0])
  }
  const [good, count] = go(0, [], 1)
  return good / count
}

describe('the chance of a draw', () => {
  const check = (anyChance: fc.Arbitrary<number>) => {
    const anyGroup = fc.record({
      asks: fc.integer({ min: 0, max: 2 }),
      items: fc.array(anyChance, { minLength: 1, maxLength: 4 }),
    })
    fc.assert(
      fc.property(
        fc.array(anyGroup, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 0, max: 2 }),
        (groups, more) => {
          const pools = new Map(groups.map(({ items }, at) => [`g${at}`, items]))
          const pattern = { groups: groups.map(({ asks }, at) => ({ group: `g${at}`, asks })), more, assumed: false }
          expect(chanceOf(pattern, pools)).toBeCloseTo(enumerated(groups, more), 12)
        },
      ),
      { numRuns: runs(200) },
    )
  }

  it('is the mean over all draws of what each would come to', () => check(fc.double({ min: 0, max: 1, noNaN: true })))
  it('is the share of draws that ask nothing wrong, where each is sure to be right or wrong', () =>
    check(fc.constantFrom(0, 1)))

  it('is worked by hand: two of four with three right, one of three with one right', () => {
    // C(3,2)/C(4,2) = 3/6, times 1/3: one in six
    const pools = new Map([
      ['a', [1, 1, 1, 0]],
      ['b', [1, 0, 0]],
    ])
    const groups = [
      { group: 'a', asks: 2 },
      { group: 'b', asks: 1 },
    ]
    expect(chanceOf({ groups, more: 0, assumed: false }, pools)).toBeCloseTo(1 / 6, 14)
  })

  it('loses nothing in large pools: 30 of 500 with 499 right', () => {
    const pools = new Map([['a', Array.from({ length: 500 }, (_, at) => (at === 7 ? 0 : 1))]])
    expect(chanceOf({ groups: [{ group: 'a', asks: 30 }], more: 0, assumed: false }, pools)).toBeCloseTo(470 / 500, 12)
  })

  it('is near what a simulation comes to', () => {
    const chances = [0.9, 0.8, 0.95, 0.6, 0.7, 0.85]
    const exact = chanceOf({ groups: [{ group: 'a', asks: 2 }], more: 1, assumed: false }, new Map([['a', chances]]))
    let seed = 7
    const random = (): number => (seed = (seed * 48271) % 2147483647) / 2147483647
    let well = 0
    const rounds = 40_000
    for (let round = 0; round < rounds; round++) {
      const lots = chances.map((chance) => ({ chance, lot: random() })).sort((a, b) => a.lot - b.lot)
      if (lots.slice(0, 3).every(({ chance }) => random() < chance)) well++
    }
    // five standard deviations
    expect(Math.abs(well / rounds - exact)).toBeLessThan(5 * Math.sqrt(0.25 / rounds))
  })

  it('asks everything that counts, printed as asked or not', () => {
    const list = listOf({
      id: 'A',
      title: 'A',
      draw: 1,
      entries: [entryOf({ id: 'a', keys: ['C', 'G', 'D', 'A'], tempo: { bpm: 60, notesPerBeat: 2 } })],
    })
    const of = (tonic: string, bpm = 60, hands: 'together' | 'right' = 'together') =>
      ({ material: { tonic, kind: 'major' }, octaves: 1, hands, tempo: { bpm, notesPerBeat: 2 } }) as const
    const studies = [of('C'), of('G', 50), of('D', 60, 'right')]
    const [own] = list.grades
    const draw = drawOf(fullGrade(list, own!), atomsOf(list, own!), gradeSet(list, 'g', studies))
    // what is slower on paper may be played as fast as asked; another form is another study
    expect(draw.items.map(({ study, required }) => [study, required?.notesPerMinute ?? null])).toEqual([
      [0, 120],
      [1, 120],
      [null, null],
      [null, null],
    ])
  })

  it('takes what is usual where the board does not say: one from each group, six in all', () => {
    const grade = fullGrade(board, gradeOf(board, '3'))
    const pools = new Map(grade.groups.map(({ id }) => [id, 4]))
    const pattern = drawPattern(grade, pools)
    expect(pattern.assumed).toBe(true)
    expect(pattern.groups.every(({ asks }) => asks === 1)).toBe(true)
    expect(pattern.more + pattern.groups.length).toBe(6)
  })
})

describe('a mock exam', () => {
  const grade = gradeOf(board, '5')
  const required = fullGrade(board, grade)
  const atoms = atomsOf(board, grade)
  const empty = gradeSet(board, '5', [])
  const draw = (seed: number, report: { atoms: readonly AtomReport[] } = empty) =>
    drawExam(required, atoms, report, seed)

  it('asks from each group as often as the board does, nothing twice, and the same for the same seed', () => {
    fc.assert(
      fc.property(fc.nat(99_999), (seed) => {
        const items = draw(seed)
        expect(items).toEqual(draw(seed))
        expect(items.map(({ group }) => group)).toEqual(['A', 'A', 'B', 'C', 'D', 'E'])
        expect(new Set(items.map(({ atom }) => atom)).size).toBe(6)
      }),
    )
  })

  it('asks everything in the long run, and each item of a group about as often', () => {
    const counts = new Map<string, number>()
    const rounds = 3000
    for (let seed = 1; seed <= rounds; seed++) {
      for (const { atom, group } of draw(seed)) if (group === 'A') counts.set(atom, (counts.get(atom) ?? 0) + 1)
    }
    // two of six: a third of all draws; five standard deviations of 3000 draws are some 130
    expect(counts.size).toBe(6)
    for (const count of counts.values()) expect(Math.abs(count - rounds / 3)).toBeLessThan(130)
  })

  it('never asks what the candidate did not choose to prepare', () => {
    const list = listOf({
      id: 'A',
      title: 'A',
      rule: { any: 2 },
      entries: [entryOf({ keys: ['C', 'G', 'D', 'A', 'E'] })],
    })
    const own = list.grades[0]!
    const studies = ['D', 'E'].map((tonic) => ({ material: { tonic, kind: 'major' }, octaves: 1 }))
    const report = gradeSet(list, 'g', studies)
    for (let seed = 0; seed < 50; seed++) {
      const items = drawExam(fullGrade(list, own), atomsOf(list, own), report, seed)
      expect(items.every(({ printed }) => printed)).toBe(true)
    }
  })

  it('is called as an examiner calls: hands, key, form, length', () => {
    const studies = recipesForMissing(board, empty, { choices: { 'harmonic-minor+melodic-minor': 'melodic-minor' } })
    const calls = new Set<string>()
    for (let seed = 0; seed < 200; seed++) {
      for (const { call, printed } of draw(seed, gradeSet(board, '5', studies))) {
        calls.add(inEnglish(call))
        expect(printed).toBe(true)
      }
    }
    expect(calls).toContain('Hands together, D♭ major, three octaves.')
    // the candidate has announced the form
    expect(calls).toContain('Hands together, F melodic minor, three octaves.')
    expect(calls).toContain('Contrary motion, D harmonic minor, two octaves.')
    expect(calls).toContain('Left hand, dominant seventh of G, two octaves.')
    expect(calls.size).toBe(27)
  })
})

describe('marks', () => {
  const marking: Marking = {
    total: 21,
    criteria: [
      { id: 'a', title: 'Notes', most: 5 },
      { id: 'b', title: 'Fluency', most: 5 },
    ],
    bands: [
      { title: 'Pass', least: 14 },
      { title: 'Distinction', least: 19 },
      { title: 'Below', least: 0 },
    ],
  }

  it.each([
    // 14 of 20 in the items is 14.7 of 21: 15
    [
      [
        [4, 3],
        [4, 3],
      ],
      15,
      'Pass',
    ],
    [
      [
        [5, 5],
        [5, 5],
      ],
      21,
      'Distinction',
    ],
    [
      [
        [5, 4],
        [4, 5],
      ],
      19,
      'Distinction',
    ],
    [
      [
        [0, 0],
        [0, 0],
      ],
      0,
      'Below',
    ],
    [
      [
        [3, 3],
        [3, 3],
      ],
      13,
      'Below',
    ],
  ])('%j come to %i, %s', (items, mark, band) => {
    expect(resultOf(marking, items)).toEqual({ mark, total: 21, band })
  })

  it('are open until every item has them', () => {
    expect(resultOf(marking, [[4, null]])).toEqual({ mark: null, total: 21, band: null })
    expect(resultOf(marking, []).mark).toBeNull()
  })

  it.each([6, -1, 2.5])('%d of 5 is refused by its place', (mark) => {
    expect(() =>
      resultOf(marking, [
        [5, 5],
        [mark, 5],
      ]),
    ).toThrow(expect.objectContaining({ code: 'marks.range', path: 'items[1].marks[0]' }) as Error)
  })

  it('fall into bands at common fractions where a board does not say its own', () => {
    const bands = DEFAULT_MARKING.bands.map(({ least }) => least / DEFAULT_MARKING.total)
    expect(bands).toEqual([0.87, 0.75, 0.6, 0])
  })
})
