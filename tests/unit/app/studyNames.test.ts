import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { titleOf } from '#core/realise'
import { gradeSet, recipesForMissing } from '#core/syllabus'
import { titleWords } from '~/components/lesson/lines'
import { apartOf, namesOf } from '~/components/practice/names'
import mallets from '../../../demo/syllabi/corvane-mallets.json'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import accordion from '../../../demo/syllabi/tern-quay-accordion.json'
import ternQuay from '../../../demo/syllabi/tern-quay-piano.json'
import { syllabusOf } from '../../../shared/schemas'
import { inEnglish } from '../../support/english'
import { someOf } from '../../support/night'

const of = (tonic: string, kind: string, some: object = {}) =>
  completeRecipe({ material: { tonic, kind }, octaves: 2, ...some })

describe('short names of a set’s studies', () => {
  it('are the key and the form', () => {
    expect(namesOf([of('G', 'major'), of('C', 'minor-arpeggio')])).toEqual(['G major', 'C minor arpeggio'])
  })

  it('say by whom where two would be called alike, and only there', () => {
    const names = namesOf([
      of('E', 'major'),
      of('C', 'minor-arpeggio', { hands: 'right' }),
      of('E', 'major', { articulation: 'staccato' }),
      of('C', 'minor-arpeggio', { hands: 'left' }),
      of('D', 'major'),
    ])
    expect(names).toEqual([
      'E major, together · 2 oct',
      'C minor arpeggio, right hand · 2 oct',
      'E major, together · 2 oct · staccato',
      'C minor arpeggio, left hand · 2 oct',
      'D major',
    ])
  })
})

describe('what tells the studies of a lesson apart', () => {
  const LISTS = [corvane, ternQuay, mallets, accordion].map((file) => syllabusOf(file))

  // by day two grades of each list, all at night
  it.each(LISTS.map((list) => [list.id, list] as const))(
    'of %s: no two that its grades ask read alike, unless they are one',
    (_, list) => {
      for (const grade of someOf(list.grades, 2)) {
        const asked = recipesForMissing(list, gradeSet(list, grade.id, [])).map((each) => completeRecipe(each))
        const apart = apartOf(asked)
        const read = asked.map((recipe, at) => `${titleWords(recipe)} ${apart[at]}`)
        const titles = asked.map((recipe) => `${inEnglish(titleOf(recipe))}, ${recipe.articulation}`)
        read.forEach((words, at) =>
          read.forEach((others, other) => {
            if (words === others) expect(titles[other], words).toBe(titles[at])
          }),
        )
      }
    },
  )

  it('is nothing where a name is enough', () => {
    const [one, other] = [of('E', 'major'), of('F', 'major')]
    expect(apartOf([one, other])).toEqual(['', ''])
    const left = completeRecipe({ instrument: 'marimba-4.3', material: { tonic: 'E', kind: 'major' }, lead: 'left' })
    const right = completeRecipe({ instrument: 'marimba-4.3', material: { tonic: 'E', kind: 'major' } })
    expect(apartOf([left, right])).toEqual([
      expect.stringContaining('left lead'),
      expect.stringContaining('right lead'),
    ])
  })
})
