import { describe, expect, it } from 'vitest'
import { parseRequirement } from '#core/call'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'
import { atomsOf, expand, gradeSet, recipesForMissing } from '#core/syllabus'
import { matchOf } from '../../../../core/syllabus/match'
import { mendOf } from '../../../../core/syllabus/mend'
import { syllabusOf } from '../../../../shared/schemas'
import { entryOf, groupOf } from '../../../support/syllabi'
import { english, inEnglish } from '../../../support/english'

const listOf = (...entries: object[]) =>
  syllabusOf({
    ...{ format: 'tactum-syllabus/1', id: 'test', title: 'Test', board: 'Test', instrument: 'accordion' },
    grades: [{ id: 'g', title: 'G', groups: [groupOf(...entries)] }],
  })
const studyOf = (accordion: object = {}, some: object = {}): RecipeInput =>
  ({ instrument: 'accordion', material: { tonic: 'C', kind: 'major' }, octaves: 1, ...some, accordion }) as RecipeInput
const pathOf = (work: () => unknown): string => {
  try {
    work()
    return ''
  } catch (error) {
    return (error as { path: string }).path
  }
}
const ASKED = { hands: 'together', bass: 'alternating' }
const held = (required: object, study: RecipeInput) => {
  const [atom] = expand(listOf(entryOf({ ...ASKED, ...required })).grades[0]!)
  const recipe = completeRecipe(study)
  const match = matchOf(recipe, atom!)!
  return { recipe, match, required: atom!.variants[0]!, words: match.short.map(({ message }) => inEnglish(message())) }
}

describe('an accordion list', () => {
  it.each([
    ['what is as asked', {}, {}, []],
    ['another bass', {}, { left: { part: 'waltz' } }, ['alternating bass asked, this has waltz bass']],
    ['a bellows plan that it does not ask', {}, { bellows: { turn: 'octave' } }, []],
    [
      'bellows that turn elsewhere',
      { bellows: 'top' },
      { bellows: { turn: 'octave' } },
      ['bellows to turn at the top, here they turn every octave'],
    ],
    [
      'bellows by other beats',
      { bellows: 'beats', bellowsBeats: 4 },
      { bellows: { turn: 'beats', beats: 8 } },
      ['bellows to turn every 4 beats, here they turn every 8 beats'],
    ],
    ['the same beats', { bellows: 'beats', bellowsBeats: 4 }, { bellows: { turn: 'beats', beats: 4 } }, []],
    ['registers', { registers: ['16', '8'] }, { registers: ['8'] }, ['register 16 + 8 asked, this sounds 8']],
    ['registers in another order', { registers: ['8', '16'] }, { registers: ['16', '8'] }, []],
    [
      'a board without a row',
      { bassRows: ['counterbass'] },
      { bass: 12 },
      ['counterbass asked, a board of 12 has none'],
    ],
    ['buttons for keys', { treble: 'buttons' }, { treble: 'keys-37' }, ['buttons asked, this is for keys']],
  ])('%s', (_, required, accordion, words) => {
    expect(held(required, studyOf(accordion)).words).toEqual(words)
  })

  it('asks no bass of a right hand alone', () => {
    expect(held({ hands: 'right', bass: 'scale' }, studyOf({}, { hands: 'right' })).words).toEqual([])
  })

  it('says once that other hands play', () => {
    expect(held({ hands: 'left', bass: 'scale' }, studyOf()).words).toEqual([
      'the left hand asked, this is hands together',
    ])
  })

  it.each([
    [
      { bellows: 'beats', bellowsBeats: 4 },
      {},
      'Turn the bellows every 4 beats',
      { bellows: { turn: 'beats', beats: 4 } },
    ],
    [{ registers: ['16'] }, {}, 'Sound 16', { registers: ['16'] }],
    [
      { registers: ['16'], bellows: 'octave' },
      {},
      'Turn the bellows every octave, sound 16',
      { registers: ['16'], bellows: { turn: 'octave' } },
    ],
  ])('mends %j in the study itself', (required, accordion, words, mended) => {
    const { recipe, match, required: wanted } = held(required, studyOf(accordion))
    const mend = mendOf(recipe, wanted, match.short)
    expect([mend.manner, inEnglish(mend.words)]).toEqual(['alter', words])
    expect(mend.recipe).toMatchObject({ accordion: { treble: 'keys-41', ...mended } })
    expect(
      matchOf(completeRecipe(mend.recipe), expand(listOf(entryOf({ ...ASKED, ...required })).grades[0]!)[0]!)!.short,
    ).toEqual([])
  })

  it('adds another study where the bass is another', () => {
    const { recipe, match, required } = held(
      {},
      studyOf({ treble: 'c-5', left: { part: 'waltz', school: 'three-two' } }),
    )
    const mend = mendOf(recipe, required, match.short)
    expect([mend.manner, inEnglish(mend.words)]).toEqual(['add', 'Add the bass asked'])
    // on the pupil's own instrument, in the pupil's own school
    expect(mend.recipe).toMatchObject({
      accordion: { treble: 'c-5', left: { part: 'alternating', school: 'three-two' } },
    })
  })

  it('fills a grade for the pupil’s own instrument, and then it is whole', () => {
    const list = listOf(
      entryOf({ id: 'a', ...ASKED, bellows: 'octave', octaves: 2 }),
      entryOf({ id: 'b', hands: 'left', bass: 'scale', keys: ['F', 'G'], bassRows: ['counterbass'] }),
      entryOf({ id: 'c', hands: 'left', bass: 'cadence', registers: ['8'] }),
    )
    const settings = { instrument: 'accordion', accordion: { treble: 'b-3', bass: 72 } } as const
    const recipes = recipesForMissing(list, gradeSet(list, 'g', []), { settings })
    expect(recipes).toHaveLength(4)
    for (const recipe of recipes) {
      expect(recipe).toMatchObject({ accordion: { treble: 'b-3', bass: 72 } })
      expect(() => realise(recipe, {}, 0)).not.toThrow()
    }
    const report = gradeSet(list, 'g', recipes)
    expect([report.covered, report.required]).toEqual([4, 4])
  })

  it('is told as it is asked', () => {
    const list = listOf(
      entryOf({
        ...ASKED,
        bellows: 'beats',
        bellowsBeats: 8,
        treble: 'keys',
        registers: ['8', '4'],
        bassRows: ['counterbass'],
      }),
    )
    expect(english(atomsOf(list, list.grades[0]!)[0]!.words)).toBe(
      'C major, hands together, one octave, alternating bass, bellows turn every 8 beats, with the counterbass, on keys, register 8 + 4',
    )
  })

  it.each([
    [{ bass: 'oompah' }, 'grades[0].groups[0].entries[0].bass'],
    [{ bellowsBeats: 0 }, 'grades[0].groups[0].entries[0].bellowsBeats'],
    [{ registers: ['2'] }, 'grades[0].groups[0].entries[0].registers[0]'],
    [{ bassRows: ['black'] }, 'grades[0].groups[0].entries[0].bassRows[0]'],
  ])('refuses %j by its field', (some, path) => {
    expect(pathOf(() => listOf(entryOf(some)))).toBe(path)
  })
})

describe('a printed line for an accordion', () => {
  it.each([
    ['C and G majors, bass scale, one octave, crotchet = 50 in crotchets', { hands: 'left', bass: 'scale' }],
    [
      'C and G majors, bass scale, one octave, hands together, crotchet = 50 in crotchets',
      { hands: 'together', bass: 'scale' },
    ],
    [
      'C major, hands together, alternating bass, one octave, crotchet = 52 in quavers, bellows turn at the top',
      { bass: 'alternating', bellows: 'top' },
    ],
    [
      'C major, right hand, one octave, crotchet = 52 in quavers, bellows turn every two bars',
      { hands: 'right', bellows: 'beats', bellowsBeats: 8 },
    ],
    ['C major, C-system, right hand, one octave, crotchet = 52 in quavers', { hands: 'right', treble: 'buttons' }],
    [
      'C major, left hand, waltz bass, one octave, crotchet = 52 in crotchets, register 16 8',
      { registers: ['16', '8'] },
    ],
  ])('%s', (line, required) => {
    const { entries, problems, complete } = parseRequirement(line)
    expect([english(problems), complete]).toEqual([[], true])
    expect({ hands: 'together', ...entries[0] }).toMatchObject(required)
  })
})
