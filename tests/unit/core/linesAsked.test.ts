import { describe, expect, it } from 'vitest'
import { parseRequirement } from '#core/call'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'
import { atomsOf, gradeSet, recipesForMissing } from '#core/syllabus'
import { english, errorText, inEnglish } from '../../support/english'
import { entryOf, groupOf, listOf, studyOf } from '../../support/syllabi'
import { DomainError } from '#core/message'

const LINE = { motif: [1, 4, 2, 3], journey: { by: 'half-step', count: 4, legs: 'alternate' } }
const asking = (some: object) => listOf(groupOf(entryOf({ octaves: 1, ...some })))
const fault = (some: object): [path: string, words: string] => {
  try {
    asking(some)
  } catch (error) {
    if (error instanceof DomainError) return [error.path, errorText(error)]
    throw error
  }
  return ['', 'it was taken']
}

describe('a line that a list asks for', () => {
  it.each([
    ['C major, hands together, one octave, 1 4 2 3 on every degree', { motif: [1, 4, 2, 3] }],
    ['C major, right hand, two octaves, through C, E flat and A', { journey: { keys: ['C', 'Eb', 'A'] } }],
    ['C major, hands together, two octaves, in a relay', { journey: 'relay-half-step' }],
    ['C major, hands together, one octave, through all keys by whole steps', { journey: { by: 'whole-step' } }],
  ])('%s', (line, expected) => {
    const { entries, problems } = parseRequirement(`${line}, crotchet = 60 in quavers`, {})
    expect(problems).toEqual([])
    expect(entries[0]!.line).toMatchObject(expected)
  })

  it('is covered by a study of that line, and by none without it', () => {
    const list = asking({ line: LINE })
    const own = studyOf('C', 'major', { pattern: { ...LINE, link: 'none' } } as Partial<RecipeInput>)
    expect(gradeSet(list, 'g', [own]).covered).toBe(1)
    const plain = gradeSet(list, 'g', [studyOf('C', 'major')])
    expect(plain.covered).toBe(0)
    const [match] = plain.atoms
    expect(english(match)).toBeDefined()
    // and the other way round
    expect(gradeSet(asking({}), 'g', [own]).covered).toBe(0)
    const another = { ...LINE, motif: [1, 5, 2, 4] }
    expect(gradeSet(list, 'g', [studyOf('C', 'major', { pattern: another } as Partial<RecipeInput>)]).covered).toBe(0)
  })

  it('is told in its words, and what is missing can be made', () => {
    const list = asking({ line: LINE })
    const [atom] = atomsOf(list, list.grades[0]!)
    expect(inEnglish(atom!.words)).toContain('1 4 2 3 on every degree')
    const [missing] = recipesForMissing(list, gradeSet(list, 'g', []))
    const study = realise(missing!)
    expect(study.recipe.pattern).toEqual(
      completeRecipe({ material: { tonic: 'C', kind: 'major' }, pattern: LINE } as RecipeInput).pattern,
    )
    expect(gradeSet(list, 'g', [study.recipe]).covered).toBe(1)
  })

  it.each([
    [{ line: { motif: [1, 99] } }, /line/],
    [{ line: { motif: [1, 2] }, figure: 'broken-thirds' }, /line\.motif/],
    [{ line: { motif: [1, 2] }, kinds: ['cadence-major'] }, /line\.motif/],
    [{ line: { journey: 'mode-chain' }, kinds: ['chromatic'] }, /line\.journey/],
    [{ line: { journey: { by: 'half-step', count: 99 } } }, /line/],
  ])('%j: is refused by its field', (some, path) => {
    expect(fault(some)[0]).toMatch(path)
  })
})
