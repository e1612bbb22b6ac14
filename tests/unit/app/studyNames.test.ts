import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { namesOf } from '~/components/practice/names'

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
