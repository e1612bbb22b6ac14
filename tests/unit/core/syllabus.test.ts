import { describe, expect, it } from 'vitest'
import { realise } from '#core/realise'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { atomsOf, expand, gradeSet, placeSet, recipesForMissing } from '#core/syllabus'
import { matchOf } from '../../../core/syllabus/match'
import accordion from '../../../demo/syllabi/tern-quay-accordion.json'
import mallets from '../../../demo/syllabi/corvane-mallets.json'
import ternQuay from '../../../demo/syllabi/tern-quay-piano.json'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import { syllabusOf } from '../../../shared/schemas'
import { entryOf, groupOf, listOf, studyOf } from '../../support/syllabi'
import { inEnglish, messageOf } from '../../support/english'

const board = syllabusOf(corvane)

describe('expansion', () => {
  const atoms = (some: object) => expand(listOf(groupOf(entryOf(some))).grades[0]!)

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

  // counted by hand from the words of each line: keys x forms that are all asked x hands x touches
  it.each([
    [corvane, [10, 15, 12, 16, 23, 27, 32, 34, 99]],
    [ternQuay, [9, 17, 12, 23, 19, 23, 31, 44, 76]],
    [mallets, [6, 11, 12, 18, 26]],
    [accordion, [9, 13, 32, 25, 18, 32, 23, 43]],
  ])('lists what a shipped board was written to ask', (file, counts) => {
    const read = syllabusOf(file)
    expect(read.grades.map((each) => atomsOf(read, each).length)).toEqual(counts)
  })
})

describe('matching', () => {
  const [atom] = expand(
    listOf(groupOf(entryOf({ kinds: ['harmonic-minor'], keys: ['D'], octaves: 2, articulations: ['legato'] })))
      .grades[0]!,
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
    expect(hold(some)!.short.map((short) => inEnglish(short.message()))).toEqual(words)
  })

  it('counts each octave that is lacking: the study with more of them is nearer', () => {
    const far = (octaves: number): number => {
      const three = { ...atom!, variants: atom!.variants.map((each) => ({ ...each, octaves: 3 })) }
      const recipe = completeRecipe({ material: { tonic: 'D', kind: 'harmonic-minor' }, octaves })
      return matchOf(recipe, three)!.effort
    }
    expect([far(3), far(2), far(1)]).toEqual([0, 20, 40])
  })

  it('takes another minor for near, another key for another study', () => {
    expect(inEnglish(hold({}, 'melodic-minor')!.short[0]!.message())).toBe(
      'harmonic minor asked, this is melodic minor',
    )
    expect(hold({}, 'major')).toBeNull()
    expect(hold({}, 'harmonic-minor', 'E')).toBeNull()
    expect(hold({ octaves: 1, hands: 'left', articulation: 'staccato' })).toBeNull()
  })

  it('counts enharmonic names as equal', () => {
    const required = expand(listOf(groupOf(entryOf({ keys: ['Gb'] }))).grades[0]!)[0]!
    expect(matchOf(completeRecipe(studyOf('F#', 'major')), required)!.short).toEqual([])
  })
})

describe('grading', () => {
  it('does not hand one study to two atoms, nor a near study where another covers', () => {
    const syllabus = listOf(groupOf(entryOf({ id: 'one', octaves: 1 }), entryOf({ id: 'two', octaves: 2 })))
    const report = gradeSet(syllabus, 'g', [studyOf('C', 'major', { octaves: 2 }), studyOf('C', 'major')])
    expect(report).toMatchObject({ required: 2, covered: 2, near: 0, missing: 0, surplus: [] })
    expect(report.atoms.map((atom) => atom.study)).toEqual([1, 0])
  })

  it('asks no more of a group than its choice', () => {
    const syllabus = listOf({ ...groupOf(entryOf({ keys: ['C', 'G', 'D'] })), rule: { any: 2 } })
    const report = gradeSet(syllabus, 'g', [studyOf('G', 'major'), studyOf('D', 'major')])
    expect(report).toMatchObject({ required: 2, covered: 2, missing: 0 })
    expect(report.atoms.map((atom) => atom.status)).toEqual(['not-needed', 'covered', 'covered'])
  })

  it('is whole once the missing are added and the near mended', () => {
    for (const file of [corvane, ternQuay, mallets, accordion]) {
      const list = syllabusOf(file)
      const settings = list.instrument === 'mallets' ? { instrument: 'marimba-5.0' as const } : {}
      for (const each of list.grades) {
        const added = recipesForMissing(list, gradeSet(list, each.id, []), { settings })
        for (const recipe of added) expect(() => realise(recipe, {}, 0)).not.toThrow()
        const report = gradeSet(list, each.id, added)
        expect(report.covered).toBe(report.required)
        expect(report.surplus).toEqual([])
        expect(placeSet(list, added).grades.find(({ id }) => id === each.id)!.covered).toBe(report.required)
      }
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
    expect(messageOf(() => syllabusOf(value))).toMatch(/JSON object/)
  })
})
