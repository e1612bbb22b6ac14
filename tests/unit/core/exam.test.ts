import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  askedGrade,
  type AtomReport,
  atomsOf,
  drawExam,
  gradeOf,
  gradeSet,
  type Marking,
  readinessOf,
  recipesForMissing,
  resultOf,
  USUAL_MARKING,
} from '#core/syllabus'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import { chanceOf, drawPattern } from '../../../core/syllabus/readiness'
import { syllabusOf } from '../../../shared/schemas'
import { entryOf, listOf } from '../../support/syllabi'
import { english, inEnglish } from '../../support/english'
import { runs } from '../../support/runs'

const board = syllabusOf(corvane)

/** Every draw of so many from each group and so many more from what is left: which share of them asks only ready items. */
function enumerated(groups: readonly { asks: number; items: readonly boolean[] }[], more: number): number {
  type Item = { group: number; ready: boolean }
  const subsets = (items: readonly Item[], size: number): Item[][] =>
    size === 0
      ? [[]]
      : items.flatMap((item, at) => subsets(items.slice(at + 1), size - 1).map((rest) => [item, ...rest]))
  const all = groups.map(({ items }, group) => items.map((ready): Item => ({ group, ready })))
  const go = (at: number, left: Item[], ready: boolean): [number, number] => {
    if (at === groups.length) {
      const last = subsets(left, Math.min(more, left.length))
      return [last.filter((draw) => ready && draw.every((item) => item.ready)).length, last.length]
    }
    return subsets(all[at]!, Math.min(groups[at]!.asks, all[at]!.length))
      .map((draw) =>
        go(
          at + 1,
          [...left, ...all[at]!.filter((item) => !draw.includes(item))],
          ready && draw.every((item) => item.ready),
        ),
      )
      .reduce<[number, number]>(([a, b], [c, d]) => [a + c, b + d], [0, 0])
  }
  const [good, count] = go(0, [], true)
  return good / count
}

describe('readiness', () => {
  const anyGroup = fc.record({
    asks: fc.integer({ min: 0, max: 2 }),
    items: fc.array(fc.boolean(), { minLength: 1, maxLength: 4 }),
  })

  it('is the share of all draws that ask nothing unready', () => {
    fc.assert(
      fc.property(
        fc.array(anyGroup, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 0, max: 2 }),
        (groups, more) => {
          const pools = new Map(
            groups.map(({ items }, at) => [`g${at}`, { size: items.length, ready: items.filter(Boolean).length }]),
          )
          const pattern = { groups: groups.map(({ asks }, at) => ({ group: `g${at}`, asks })), more, assumed: false }
          expect(chanceOf(pattern, pools)).toBeCloseTo(enumerated(groups, more), 12)
        },
      ),
      { numRuns: runs(200) },
    )
  })

  it('is worked by hand: two of four with three ready, one of three with one ready', () => {
    // C(3,2)/C(4,2) = 3/6, times 1/3: one in six
    const pools = new Map([
      ['a', { size: 4, ready: 3 }],
      ['b', { size: 3, ready: 1 }],
    ])
    const groups = [
      { group: 'a', asks: 2 },
      { group: 'b', asks: 1 },
    ]
    expect(chanceOf({ groups, more: 0, assumed: false }, pools)).toBeCloseTo(1 / 6, 14)
  })

  it('stays exact where floating products would not: 30 of 500 with 499 ready', () => {
    const pools = new Map([['a', { size: 500, ready: 499 }]])
    expect(chanceOf({ groups: [{ group: 'a', asks: 30 }], more: 0, assumed: false }, pools)).toBeCloseTo(470 / 500, 14)
  })

  it('names the item that raises the chance most, the one easiest to mend first', () => {
    const list = listOf(
      { id: 'A', title: 'A', draw: 1, entries: [entryOf({ id: 'a', keys: ['C', 'G', 'D', 'A'] })] },
      { id: 'B', title: 'B', draw: 1, entries: [entryOf({ id: 'b', keys: ['F', 'Bb'] })] },
    )
    const of = (tonic: string, bpm = 60) => ({ material: { tonic, kind: 'major' }, octaves: 1, tempo: { bpm } })
    const report = gradeSet(list, 'g', [of('C'), of('G'), of('D'), of('Bb'), of('F', 50)])
    const { chance, asked, assumed, next } = readinessOf(askedGrade(list, list.grades[0]!), report)
    // 3/4 of A, 1/2 of B; with F it is 3/4, with A major 1/2
    expect({ chance, asked, assumed }).toEqual({ chance: 3 / 8, asked: 2, assumed: false })
    expect(english(next)).toEqual({
      atom: 'b/F/major/together',
      words: 'F major, hands together, one octave',
      chance: 3 / 4,
    })
    const whole = gradeSet(
      list,
      'g',
      ['C', 'G', 'D', 'A', 'F', 'Bb'].map((tonic) => of(tonic)),
    )
    expect(readinessOf(askedGrade(list, list.grades[0]!), whole)).toMatchObject({ chance: 1, next: null })
  })

  it('takes what is usual where the board does not say: one from each group, six in all', () => {
    const grade = askedGrade(board, gradeOf(board, '3'))
    const pools = new Map(grade.groups.map(({ id }) => [id, 4]))
    const pattern = drawPattern(grade, pools)
    expect(pattern.assumed).toBe(true)
    expect(pattern.groups.every(({ asks }) => asks === 1)).toBe(true)
    expect(pattern.more + pattern.groups.length).toBe(6)
  })
})

describe('a mock exam', () => {
  const grade = gradeOf(board, '5')
  const asked = askedGrade(board, grade)
  const atoms = atomsOf(board, grade)
  const empty = gradeSet(board, '5', [])
  const draw = (seed: number, report: { atoms: readonly AtomReport[] } = empty) => drawExam(asked, atoms, report, seed)

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
      const items = drawExam(askedGrade(list, own), atomsOf(list, own), report, seed)
      expect(items.every(({ ready }) => ready)).toBe(true)
    }
  })

  it('is called as an examiner calls: hands, key, form, length', () => {
    const studies = recipesForMissing(board, empty, { choices: { 'harmonic-minor+melodic-minor': 'melodic-minor' } })
    const calls = new Set<string>()
    for (let seed = 0; seed < 200; seed++) {
      for (const { call, ready } of draw(seed, gradeSet(board, '5', studies))) {
        calls.add(inEnglish(call))
        expect(ready).toBe(true)
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
      { id: 'b', title: 'Flow', most: 5 },
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
    const bands = USUAL_MARKING.bands.map(({ least }) => least / USUAL_MARKING.total)
    expect(bands).toEqual([0.87, 0.75, 0.6, 0])
  })
})
