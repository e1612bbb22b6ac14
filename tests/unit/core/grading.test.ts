import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import {
  fullGrade,
  type Atom,
  atomsOf,
  coverageOf,
  expand,
  gradeSet,
  nextToPractise,
  openChoices,
  OWN_MEANS,
  placeSet,
  practiceOrder,
  recipesForMissing,
  type Syllabus,
  DEFAULT_POLICIES,
  matchesIn,
} from '#core/syllabus'
import { acceptedOf, realise } from '#core/realise'
import { assign } from '../../../core/syllabus/assign'
import { type Match, matchOf } from '../../../core/syllabus/match'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import ternQuay from '../../../demo/syllabi/tern-quay-piano.json'
import { syllabusOf } from '../../../shared/schemas'
import { solverMeans } from '../../../shared/solver'
import { entryOf, groupOf, listOf, studyOf } from '../../support/syllabi'
import { anyPolicies, groupsOver, setsOver } from '../../support/lists'
import { programOf, solver } from '../../support/mixedInteger'
import { overlapping, studiesOver } from '../../support/overlapping'
import { bruteForce, weightIn, weightOf } from '../../support/weigh'
import { english } from '../../support/english'
import { runs } from '../../support/runs'

const [board, other] = [corvane, ternQuay].map((file) => syllabusOf(file)) as [Syllabus, Syllabus]

const KEYS = ['C', 'G']
const [anySet, anyGroups] = [setsOver(KEYS, 4), groupsOver(KEYS)]

describe('the assignment', () => {
  it('leaves as little open as any other, is near to as much of it, and leaves least to mend', () => {
    fc.assert(
      fc.property(anySet, anyGroups, anyPolicies, (studies, groups, policies) => {
        const list = listOf(...groups)
        const report = gradeSet(list, 'g', studies, policies)
        expect(weightOf(list, studies, policies)).toEqual(bruteForce(list, studies, policies))
        expect(report.required).toBe(report.atoms.filter((atom) => atom.wanted).length)
        expect(report.groups.reduce((sum, each) => sum + each.covered, 0)).toBe(report.covered)
      }),
      { numRuns: runs(300) },
    )
  })

  it('does so for up to eight studies and eight atoms as well', () => {
    const four = ['C', 'G', 'D', 'F']
    const some = groupsOver(four).filter((groups) => expand(listOf(...groups).grades[0]!).length <= 8)
    fc.assert(
      fc.property(setsOver(four, 8), some, anyPolicies, (studies, groups, policies) => {
        const list = listOf(...groups)
        expect(weightOf(list, studies, policies)).toEqual(bruteForce(list, studies, policies))
      }),
      { numRuns: runs(100) },
    )
  })

  it('is what a general solver of mixed-integer programs finds, on 300 lists (HiGHS)', () => {
    const six = ['C', 'G', 'D', 'F', 'Bb', 'A']
    fc.assert(
      fc.property(setsOver(six, 12), groupsOver(six), anyPolicies, (studies, groups, policies) => {
        const list = listOf(...groups)
        const { text, costOf } = programOf(list, studies, policies)
        const found = solver.solve(text, { mip_rel_gap: 0, mip_abs_gap: 0 })
        expect(found.Status).toBe('Optimal')
        expect(costOf(weightOf(list, studies, policies))).toBeCloseTo(found.ObjectiveValue, 3)
      }),
      { numRuns: runs(300) },
    )
  })

  it('is the same with a solver’s help, asked as soon as choices overlap, and proven', async () => {
    const four = ['C', 'G', 'D', 'F']
    const means = { ...(await solverMeans()), patience: 0, milliseconds: 60_000 }
    fc.assert(
      fc.property(setsOver(four, 12), groupsOver(four), anyPolicies, (studies, groups, policies) => {
        const list = listOf(...groups)
        const [helped, alone] = [means, OWN_MEANS].map((by) => gradeSet(list, 'g', studies, policies, by))
        expect(helped!.gap).toBeNull()
        expect(weightIn(list, studies, policies, helped!)).toEqual(weightIn(list, studies, policies, alone!))
      }),
      { numRuns: runs(200) },
    )
  })

  it('ends within its means where choices overlap without end, and tells by how much it may fall short', () => {
    const [list, studies] = [overlapping(12), studiesOver(90)]
    const means = { ...OWN_MEANS, patience: 20_000 }
    const report = gradeSet(list, 'g', studies, undefined, means)
    const proven = gradeSet(overlapping(2), 'g', studies, undefined, means)
    expect(proven.gap).toBeNull()
    expect(report.gap).not.toBeNull()
    expect(report.covered + report.near + report.missing).toBe(report.required)
  })

  it('proves lists of forty lines whose forms overlap, with the solver', async () => {
    const means = { ...(await solverMeans()), milliseconds: 60_000 }
    const [list, studies] = [overlapping(40), studiesOver(500)]
    const { required, covered, near, gap } = gradeSet(list, 'g', studies, undefined, means)
    expect({ required, covered, near, gap }).toEqual({ required: 360, covered: 3, near: 297, gap: null })
  })

  it('is near to one more, however much is then left to mend: no sum of efforts outweighs it', () => {
    // ten studies next to ten atoms; only if each moves on to the next does the eleventh study come in
    const atoms = Array.from({ length: 11 }, () => ({ scope: null, variants: [{ kind: 'major' }] }) as unknown as Atom)
    const near = (effort: number) => [
      { variant: 0, effort, short: [{ field: 'tempo', message: () => ({ code: 'text' }), effort }] },
    ]
    const unitMatches = Array.from(
      { length: 10 },
      (_, at) => new Map([at, at + 1].map((atom) => [atom, near(atom === at ? 1 : 110) as unknown as Match[]])),
    )
    unitMatches.push(new Map([[0, near(110) as unknown as Match[]]]))
    const stocks = unitMatches.map((matchesByAtom, unit) => ({ units: [unit], matchesByAtom }))
    const { served } = assign(atoms, { units: [], unitMatches, stocks }, [])
    expect(served.filter(Boolean)).toHaveLength(11)
  })

  it('gives the same report whatever the order of studies and entries', () => {
    fc.assert(
      fc.property(anySet, anyGroups, fc.infiniteStream(fc.nat()), (studies, groups, numbers) => {
        const shuffled = <T>(items: readonly T[]): T[] => {
          const keys = items.map(() => numbers.next().value as number)
          return items
            .map((item, at) => ({ item, key: keys[at]! }))
            .sort((a, b) => a.key - b.key)
            .map(({ item }) => item)
        }
        // equal studies cannot be told apart
        const distinct = [...new Map(studies.map((study) => [JSON.stringify(study), study])).values()]
        const shown = (list: Syllabus, some: readonly RecipeInput[]) =>
          gradeSet(list, 'g', some)
            .atoms.map(({ id, status, study, reasons, wanted }) => ({
              ...{ id, status, reasons, wanted },
              study: study === null ? null : some[study],
            }))
            .sort((a, b) => (a.id < b.id ? -1 : 1))
        const turned = shuffled(groups).map((group) => ({ ...group, entries: shuffled(group.entries) }))
        expect(shown(listOf(...turned), shuffled(distinct))).toEqual(shown(listOf(...groups), distinct))
      }),
      { numRuns: runs(150) },
    )
  })

  it('tells two equal studies apart by their place: the first serves, the second is left over', () => {
    const twice = [studyOf('C', 'major'), studyOf('C', 'major')]
    expect(gradeSet(listOf(groupOf(entryOf())), 'g', twice)).toMatchObject({ atoms: [{ study: 0 }], surplus: [1] })
  })

  it('passes over studies for another instrument', () => {
    const sticks = [studyOf('C', 'major', { instrument: 'marimba-4.3' })]
    expect(gradeSet(listOf(groupOf(entryOf())), 'g', sticks)).toMatchObject({ missing: 1, surplus: [0] })
  })
})

describe('a near miss', () => {
  it('is mended by what its button does, whatever is short', () => {
    fc.assert(
      fc.property(anySet, anyGroups, anyPolicies, (studies, groups, policies) => {
        const list = listOf(...groups)
        for (const { mend, study, id } of gradeSet(list, 'g', studies, policies).atoms) {
          if (!mend) continue
          realise(mend.recipe, {}, 0)
          const atom = atomsOf(list, list.grades[0]!).find((each) => each.id === id)!
          const mended = matchOf(completeRecipe(mend.recipe), atom, policies)!
          expect({ mend: mend.words, was: studies[study!], short: mended.short }).toMatchObject({ short: [] })
        }
      }),
      { numRuns: runs(200) },
    )
  })

  it.each<[Partial<RecipeInput>, object, string, string]>([
    [{ tempo: { bpm: 50, notesPerBeat: 2 } }, {}, 'alter', 'Raise to 60'],
    [{ tempo: { bpm: 25, notesPerBeat: 4 } }, {}, 'alter', 'Raise to 30'],
    [{}, { octaves: 2 }, 'alter', 'Add the octave'],
    [{}, { octaves: 3, tempo: { bpm: 80, notesPerBeat: 2 } }, 'alter', 'Add 2 octaves, raise to 80'],
    [{}, { kinds: ['natural-minor'] }, 'add', 'Add the other form'],
    [{}, { hands: 'right' }, 'add', 'Add the hands asked'],
    [{}, { articulations: ['staccato'] }, 'add', 'Add the other touch'],
    [{}, { motion: 'contrary' }, 'add', 'Add the motion asked'],
  ])('%j beside %j: %s, “%s”', (some, required, manner, words) => {
    const kinds = 'kinds' in required ? 'harmonic-minor' : 'major'
    const [atom] = gradeSet(listOf(groupOf(entryOf(required))), 'g', [studyOf('C', kinds, some)]).atoms
    expect(english(atom!.mend)).toMatchObject({ manner, words })
  })

  it('keeps the school, and the pins that count degrees; those that count notes go with the notes', () => {
    const pins = [
      { hand: 'right', degree: 4, finger: 1 },
      { hand: 'right', index: 3, finger: 1 },
    ] as const
    const list = listOf(groupOf(entryOf({ octaves: 2 })))
    const [atom] = gradeSet(list, 'g', [studyOf('C', 'major', { school: 'black-key-pivot', pins })]).atoms
    expect(atom!.mend!.recipe).toMatchObject({ school: 'black-key-pivot', octaves: 2, pins: [pins[0]] })
  })
})

describe('from a grade to a set', () => {
  it('asks once what the candidate chooses, and builds by it', () => {
    const choices = openChoices(board, '5')
    expect(english(choices)).toEqual([
      {
        id: 'harmonic-minor+melodic-minor',
        words: 'harmonic or melodic minor',
        options: [
          { value: 'harmonic-minor', words: 'harmonic minor' },
          { value: 'melodic-minor', words: 'melodic minor' },
        ],
      },
    ])
    const built = recipesForMissing(board, gradeSet(board, '5', []), {
      choices: { 'harmonic-minor+melodic-minor': 'melodic-minor' },
      settings: { school: 'black-groups', handSize: 'small' },
    })
    const forms = built.filter(({ material }) => 'kind' in material && material.kind === 'melodic-minor')
    expect(forms).toHaveLength(3)
    expect(built.every(({ school, handSize }) => school === 'black-groups' && handSize === 'small')).toBe(true)
    expect(openChoices(other, '3').map(({ id }) => id)).toEqual(['harmonic-minor+melodic-minor', 'hands'])
  })

  it('goes on in the form that one scope has begun with, whatever is remembered', () => {
    const studies = [studyOf('C', 'melodic-minor', { octaves: 2, tempo: { bpm: 90, notesPerBeat: 2 } })]
    const report = gradeSet(other, '3', studies)
    const choices = { 'harmonic-minor+melodic-minor': 'harmonic-minor' }
    const built = recipesForMissing(other, report, { choices })
    const minors = built.flatMap(({ material }) =>
      'kind' in material && material.kind.endsWith('minor') ? [material.kind] : [],
    )
    expect(minors).toEqual(['melodic-minor', 'melodic-minor'])
  })

  it('adds what is named, even where a choice has enough', () => {
    const list = listOf({ ...groupOf(entryOf({ keys: ['C', 'G'] })), rule: { any: 1 } })
    const report = gradeSet(list, 'g', [studyOf('C', 'major')])
    expect(recipesForMissing(list, report)).toEqual([])
    const only = [report.atoms[1]!.id]
    expect(recipesForMissing(list, report, { only })[0]!.material).toEqual({ tonic: 'G', kind: 'major' })
  })

  it('is put into an order for practice', () => {
    const of = (tonic: string, some: Partial<RecipeInput> = {}) => {
      const study = realise({ material: { tonic, kind: 'major' }, ...some }, {}, 0)
      return { recipe: study.recipe, accepted: acceptedOf(study) }
    }
    const studies = [of('G'), of('B'), of('C'), of('F#'), of('D'), of('F')]
    const named = (by: 'shape' | 'circle' | 'difficulty') =>
      practiceOrder(studies, by).map((at) => (studies[at]!.recipe.material as { tonic: string }).tonic)
    // G, C and D lie in both hands alike; the others stay where they were
    expect(named('shape')).toEqual(['G', 'C', 'D', 'B', 'F#', 'F'])
    expect(named('circle')).toEqual(['C', 'F', 'G', 'D', 'B', 'F#'])
    const hard = studies.map(({ recipe, accepted }) => realise(recipe, accepted, 0).difficulty.total)
    const order = practiceOrder(studies, 'difficulty')
    expect(order.map((at) => hard[at])).toEqual(hard.toSorted((a, b) => a - b))
  })

  it('is never ordered by difficulty across instruments: each one’s studies stay together', () => {
    const of = (instrument: string, tonic: string) => {
      const study = realise({ instrument, material: { tonic, kind: 'major' }, octaves: 1 } as RecipeInput, {}, 0)
      return { recipe: study.recipe, accepted: acceptedOf(study) }
    }
    const studies = [of('piano', 'B'), of('marimba-4.3', 'B'), of('piano', 'C'), of('marimba-5.0', 'C')]
    expect(practiceOrder(studies, 'difficulty')).toEqual([2, 0, 3, 1])
  })
})

describe('where things stand', () => {
  it('places a set in every grade by itself', () => {
    const studies = recipesForMissing(board, gradeSet(board, '2', []))
    const placement = placeSet(board, studies)
    expect(placement.highest).toBe('2')
    expect(placement.grades.map(({ id }) => id)).toEqual(board.grades.map(({ id }) => id))
    for (const grade of placement.grades) {
      expect(grade).toMatchObject({ covered: gradeSet(board, grade.id, studies).covered })
    }
  })

  it('finds the grades that ask for one study, and how near it comes', () => {
    const study = studyOf('Db', 'major', { octaves: 3, tempo: { bpm: 92, notesPerBeat: 2 } })
    const required = matchesIn([board, other], study)
    expect(
      required.filter(({ status }) => status === 'covered').map(({ title, grade }) => `${title} ${grade}`),
    ).toEqual(['Corvane Certificates, Piano 4', 'Corvane Certificates, Piano 5'])
    expect(
      english(required.find(({ syllabus, grade }) => syllabus === 'corvane-piano' && grade === '7')),
    ).toMatchObject({
      status: 'near',
      reasons: ['three octaves, 4 asked', '184 of 252 notes a minute'],
    })
  })

  it('is a picture of keys in circle order against types, every atom in it once', () => {
    const grade = board.grades.find(({ id }) => id === '5')!
    const report = gradeSet(board, '5', [studyOf('F#', 'major', { octaves: 3, tempo: { bpm: 60 } })])
    const { keys, rows } = coverageOf(atomsOf(board, grade), report.atoms)
    expect(english(keys)).toEqual(['C', 'G', 'D', 'A', 'E', 'B', 'F♯', 'C♯ D♭', 'A♭', 'E♭', 'B♭', 'F'])
    expect(rows.flatMap((row) => row.cells.flat().map(({ atom }) => atom)).sort()).toEqual(
      report.atoms.map(({ id }) => id).sort(),
    )
    expect(english(rows[0])).toMatchObject({ words: 'Major, hands together, three octaves', holes: 3 })
    expect(rows[0]!.cells[6]).toMatchObject([{ status: 'near' }])
    expect(rows.reduce((sum, row) => sum + row.holes, 0)).toBe(report.required - report.covered)
    expect(english(nextToPractise(report.atoms)[0])).toMatchObject({
      status: 'near',
      words: 'F♯ major, hands together, three octaves',
    })
    expect(fullGrade(board, grade).groups).toHaveLength(5)
    expect(DEFAULT_POLICIES.togetherForSeparate).toBe(false)
  })
})
