import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, type RecipeInput } from '#core/study'
import { expand, gradeSet, placeSet, recipesForMissing, type Syllabus } from '#core/syllabus'
import { matchOf } from '../../../core/syllabus/match'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import demo from '../../../demo/studio.json'
import { syllabusOf } from '../../../shared/schemas'

const board = syllabusOf(corvane)
const grade = (...groups: object[]): Syllabus =>
  syllabusOf({
    format: 'tactum-syllabus/1',
    id: 'test',
    title: 'Test',
    board: 'Test',
    grades: [{ id: 'g', title: 'G', groups }],
  })
const entry = (some: object) => ({
  id: 'e',
  words: 'as printed',
  keys: ['C'],
  kinds: ['major'],
  octaves: 1,
  tempo: { bpm: 60, notesPerBeat: 2 },
  ...some,
})
const group = (...entries: object[]) => ({ id: 'A', title: 'A', entries })
const study = (tonic: string, kind: string, some: Partial<RecipeInput> = {}): RecipeInput => ({
  material: { tonic, kind },
  octaves: 1,
  ...some,
})

describe('expansion', () => {
  const atoms = (some: object) => expand(grade(group(entry(some))).grades[0]!)

  it('counts a candidate’s choice once and an examiner’s each', () => {
    const kinds = ['harmonic-minor', 'melodic-minor']
    expect(atoms({ keys: ['D', 'G'], kinds, chooser: 'candidate' })).toHaveLength(2)
    expect(atoms({ keys: ['D', 'G'], kinds, chooser: 'examiner' })).toHaveLength(4)
  })

  it('counts each hand where hands are separate', () => {
    expect(atoms({ keys: ['C', 'G', 'F'], hands: 'separate' })).toHaveLength(6)
  })

  it('reads “up to so many signs” by the signature of each kind', () => {
    // worked by hand: up to two sharps and one flat, majors C G D F, minors A E B D
    const found = atoms({ keys: { sharps: 2, flats: 1 }, kinds: ['major', 'harmonic-minor'] })
    expect(found.map((atom) => atom.variants[0]!.tonic)).toEqual(['F', 'C', 'G', 'D', 'D', 'A', 'E', 'B'])
  })

  it('gives every atom its own id, also in the shipped board', () => {
    for (const each of board.grades) {
      const ids = expand(each).map((atom) => atom.id)
      expect(new Set(ids).size).toBe(ids.length)
    }
  })

  it('lists what the shipped board was written to ask (counted by hand from its words)', () => {
    expect(board.grades.map((each) => expand(each).length)).toEqual([10, 15, 12, 16])
  })
})

describe('matching', () => {
  const [atom] = expand(
    grade(group(entry({ kinds: ['harmonic-minor'], keys: ['D'], octaves: 2, articulations: ['legato'] }))).grades[0]!,
  )
  const hold = (some: Partial<RecipeInput>, kind = 'harmonic-minor', tonic = 'D') =>
    matchOf(completeRecipe({ material: { tonic, kind }, octaves: 2, ...some }), atom!)

  it.each([
    [{}, []],
    [{ octaves: 3 }, []],
    [{ tempo: { bpm: 120, notesPerBeat: 1 as const } }, []],
    [{ octaves: 1 }, ['one octave, 2 asked']],
    [{ tempo: { bpm: 52, notesPerBeat: 2 as const } }, ['104 of 120 notes a minute']],
    [{ articulation: 'staccato' as const }, ['legato asked, this is staccato']],
    [{ hands: 'right' as const }, ['hands together asked, this is the right hand']],
    [{ motion: 'contrary' as const }, ['similar motion asked, this is contrary']],
    [{ octaves: 1, tempo: { bpm: 40, notesPerBeat: 1 as const } }, ['one octave, 2 asked', '40 of 120 notes a minute']],
  ])('%j falls short by %j', (some, words) => {
    expect(hold(some)!.short.map((short) => short.words)).toEqual(words)
  })

  it('takes another minor for near, another key for another study', () => {
    expect(hold({}, 'melodic-minor')!.short[0]!.words).toBe('harmonic minor asked, this is melodic minor')
    expect(hold({}, 'major')).toBeNull()
    expect(hold({}, 'harmonic-minor', 'E')).toBeNull()
    expect(hold({ octaves: 1, hands: 'left', articulation: 'staccato' })).toBeNull()
  })

  it('counts enharmonic names as equal', () => {
    const asked = expand(grade(group(entry({ keys: ['Gb'] }))).grades[0]!)[0]!
    expect(matchOf(completeRecipe(study('F#', 'major')), asked)!.short).toEqual([])
  })
})

describe('grading', () => {
  it('does not hand one study to two atoms, nor a near study where another covers', () => {
    const syllabus = grade(group(entry({ id: 'one', octaves: 1 }), entry({ id: 'two', octaves: 2 })))
    const report = gradeSet(syllabus, 'g', [study('C', 'major', { octaves: 2 }), study('C', 'major')])
    expect(report).toMatchObject({ required: 2, covered: 2, near: 0, missing: 0, surplus: [] })
    expect(report.atoms.map((atom) => atom.study)).toEqual([1, 0])
  })

  it('asks no more of a group than its choice', () => {
    const syllabus = grade({ ...group(entry({ keys: ['C', 'G', 'D'] })), rule: { any: 2 } })
    const report = gradeSet(syllabus, 'g', [study('G', 'major'), study('D', 'major')])
    expect(report).toMatchObject({ required: 2, covered: 2, missing: 0 })
    expect(report.atoms.map((atom) => atom.status)).toEqual(['not-needed', 'covered', 'covered'])
  })

  const anySet = fc.array(
    fc
      .tuple(fc.constantFrom('C', 'G', 'D'), fc.integer({ min: 1, max: 3 }), fc.constantFrom(40, 60, 80))
      .map(([tonic, octaves, bpm]) => study(tonic, 'major', { octaves, tempo: { bpm } })),
    { maxLength: 4 },
  )
  const anyGroup = fc.record({
    octaves: fc.integer({ min: 1, max: 3 }),
    keys: fc.subarray(['C', 'G', 'D'], { minLength: 1 }),
    any: fc.option(fc.constant(1), { nil: null }),
  })

  /** All ways to give studies to atoms, one to one, within the groups' needs; the best by covered, near, effort. */
  function bruteForce(syllabus: Syllabus, studies: readonly RecipeInput[]) {
    const atoms = expand(syllabus.grades[0]!)
    const recipes = studies.map((each) => completeRecipe(each))
    const room = new Map(
      syllabus.grades[0]!.groups.map((each) => [each.id, each.rule === 'all' ? Infinity : each.rule.any]),
    )
    let best = [0, 0]
    const go = (at: number, used: Set<number>, counts: Map<string, number>, covered: number, near: number): void => {
      if (at === atoms.length) {
        if (covered > best[0]! || (covered === best[0]! && near > best[1]!)) best = [covered, near]
        return
      }
      const atom = atoms[at]!
      go(at + 1, used, counts, covered, near)
      const count = counts.get(atom.group) ?? 0
      if (count >= room.get(atom.group)!) return
      recipes.forEach((recipe, which) => {
        const match = used.has(which) ? null : matchOf(recipe, atom)
        if (!match) return
        const whole = match.short.length === 0
        go(
          at + 1,
          new Set([...used, which]),
          new Map([...counts, [atom.group, count + 1]]),
          covered + (whole ? 1 : 0),
          near + (whole ? 0 : 1),
        )
      })
    }
    go(0, new Set(), new Map(), 0, 0)
    return { covered: best[0], near: best[1] }
  }

  it('covers as much as any assignment could, and is near to as much of the rest', () => {
    fc.assert(
      fc.property(anySet, fc.array(anyGroup, { minLength: 1, maxLength: 2 }), (studies, groups) => {
        const syllabus = grade(
          ...groups.map(({ octaves, keys, any }, at) => ({
            id: `G${at}`,
            title: 'group',
            rule: any ? { any } : 'all',
            entries: [entry({ id: `e${at}`, octaves, keys })],
          })),
        )
        const { covered, near } = gradeSet(syllabus, 'g', studies)
        expect({ covered, near }).toEqual(bruteForce(syllabus, studies))
      }),
      { numRuns: 150 },
    )
  })

  it('does not depend on the order of the studies', () => {
    const { studies } = demo.pupils[0]!.sets[0]!
    const totals = (some: unknown[]) => {
      const { covered, near, missing, surplus } = gradeSet(board, '3', some as RecipeInput[])
      return { covered, near, missing, surplus: surplus.length }
    }
    fc.assert(
      fc.property(fc.shuffledSubarray(studies as unknown[], { minLength: studies.length }), (shuffled) => {
        expect(totals(shuffled)).toEqual(totals(studies))
      }),
      { numRuns: 30 },
    )
  })

  it('is whole once the missing are added and the near mended', () => {
    for (const each of board.grades) {
      const added = recipesForMissing(board, gradeSet(board, each.id, []))
      const report = gradeSet(board, each.id, added)
      expect(report.covered).toBe(report.required)
      expect(report.surplus).toEqual([])
      expect(placeSet(board, added).highest).toBe(each.id)
    }
  })
})

describe('bad syllabi are refused by field', () => {
  const file = () => structuredClone(corvane) as Record<string, any>
  const spoil = (change: (file: Record<string, any>) => void) => {
    const spoilt = file()
    change(spoilt)
    return () => syllabusOf(spoilt)
  }

  it.each<[string, (file: Record<string, any>) => void, string]>([
    ['a grade named twice', (f) => (f.grades[1].id = 'initial'), 'grades[1].id'],
    [
      'an entry named twice',
      (f) => (f.grades[0].groups[0].entries[1].id = 'I.A1'),
      'grades[0].groups[0].entries[1].id',
    ],
    [
      'an unknown kind',
      (f) => (f.grades[0].groups[0].entries[0].kinds = ['bebop']),
      'grades[0].groups[0].entries[0].kinds[0]',
    ],
    [
      'a key that cannot be written',
      (f) => (f.grades[0].groups[0].entries[0].keys = ['B##']),
      'grades[0].groups[0].entries[0].keys[0]',
    ],
    [
      'a tempo of nothing',
      (f) => (f.grades[0].groups[0].entries[0].tempo.bpm = 0),
      'grades[0].groups[0].entries[0].tempo.bpm',
    ],
    ['choose 50 of 6', (f) => (f.grades[1].groups[3].rule = { any: 50 }), 'grades[1].groups[3].rule.any'],
    ['no grades', (f) => (f.grades = []), 'grades'],
    ['another format', (f) => (f.format = 'tactum-study/1'), 'format'],
    ['a field that does not exist', (f) => (f.colour = 'blue'), 'colour'],
  ])('%s', (_, change, path) => {
    try {
      spoil(change)()
      expect.unreachable()
    } catch (error) {
      expect((error as { path: string }).path).toBe(path)
    }
  })

  it.each([null, 3, 'text', []])('%j', (value) => {
    expect(() => syllabusOf(value)).toThrow(/JSON object/)
  })
})
