import { describe, expect, it } from 'vitest'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { calledApart } from '../../../shared/paper/called'
import { IN_ENGLISH } from '../../support/english'

const of = (some: object = {}) =>
  completeRecipe({ material: { tonic: 'E', kind: 'major' }, octaves: 2, ...some } as RecipeInput)

describe('what studies on one sheet are called', () => {
  it('is short where that is enough, and tells apart lead, pattern and touch where it is not', () => {
    const named = (...recipes: ReturnType<typeof of>[]) => recipes.map((each) => calledApart(IN_ENGLISH, each, recipes))
    expect(named(of(), of({ material: { tonic: 'F', kind: 'major' } }))).toEqual(['E major', 'F major'])
    expect(named(of(), of())).toEqual(['E major', 'E major'])
    expect(named(of(), of({ articulation: 'staccato' }))).toEqual(['E major, legato', 'E major, staccato'])
    const bars = { instrument: 'marimba-4.3' }
    for (const pair of [
      named(of(bars), of({ ...bars, lead: 'left' })),
      named(of(), of({ pattern: { figure: 'broken-thirds' } })),
      named(of({ articulation: 'staccato' }), of({ hands: 'right' }), of({ hands: 'right', articulation: 'staccato' })),
    ])
      expect(new Set(pair).size).toBe(pair.length)
  })
})
