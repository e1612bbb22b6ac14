import { describe, expect, it } from 'vitest'
import { broughtUp, completeRecipe, familyOf, type RecipeInput } from '#core/instrument'
import { currentDocument } from '#shared/documents'
import { inEnglish } from '../../support/english'
import { fingered } from '../../support/played'

/** A recipe as a Tactum wrote it that knew no motifs and no links. */
const older = (pattern: object, some: object = {}) => ({
  ...completeRecipe({ material: { tonic: 'C', kind: 'major' }, octaves: 1, hands: 'right', ...some } as RecipeInput),
  pattern: { figure: 'straight', walk: 'straight', journey: 'one-key', accompaniment: 'none', ...pattern },
})
const read = (document: object) => currentDocument('study', document) as unknown as RecipeInput

describe('a study that was stored before lines were', () => {
  it('means what it meant: a chain of modes is led from below', () => {
    const chain = read(older({ journey: 'mode-chain' }))
    expect(chain.pattern).toMatchObject({ journey: 'mode-chain', link: 'below', motif: null })
    expect(fingered(chain, {}, 0).hands.right!.pitches.slice(14, 17)).toEqual(['C4', 'B3', 'D4'])
    // one way only it was not led at all
    expect(read(older({ journey: 'mode-chain' }, { course: 'up' })).pattern!.link).toBe('none')
    expect(read(older({ figure: 'broken-thirds' })).pattern).toMatchObject({ figure: 'broken-thirds', link: 'none' })
  })

  it('but for mixed intervals, which are mended and told, and what was marked note by note', () => {
    const pins = [
      { hand: 'right', index: 20, finger: 2 },
      { hand: 'right', degree: 2, finger: 2 },
    ]
    for (const figure of ['fourth-then-second', 'fifth-then-third', 'seventh-then-sixth']) {
      const { recipe, anew, told } = broughtUp(older({ figure }, { pins }))
      expect(inEnglish(told!)).toContain('Now as practised')
      expect(anew).toBe('all')
      expect((recipe as unknown as RecipeInput).pins).toEqual([pins[1]])
      expect(() => fingered(read(older({ figure }, { pins })), {}, 0)).not.toThrow()
    }
    expect(broughtUp(older({ figure: 'broken-thirds' })).told).toBeNull()
  })

  it('and a tonic that was struck in every bar, which rings through now', () => {
    const held = older({ accompaniment: 'held-tonic' }, { hands: 'together', octaves: 2 })
    expect(broughtUp(held)).toMatchObject({ anew: ['left'], told: null })
    const left = fingered(read(held), {}, 0).hands.left!
    expect(left.notes.map(({ holds }) => holds)).toEqual([29])
  })

  it('what a teacher wrote by hand is new, and so is what is written today', () => {
    expect(broughtUp({ pattern: { journey: 'mode-chain' } }).recipe).toEqual({ pattern: { journey: 'mode-chain' } })
    const today = completeRecipe({ material: { tonic: 'C', kind: 'major' }, pattern: { journey: 'mode-chain' } })
    expect(broughtUp(today).recipe).toBe(today)
    expect(today.pattern.link).toBe('above')
  })

  it('an accordion’s study that was stored before there were free basses is for the board, and tells itself alike', () => {
    const whole = completeRecipe({ instrument: 'accordion', material: { tonic: 'C', kind: 'major' } } as RecipeInput)
    const { accordion, ...rest } = whole as unknown as { accordion: { left: object; free: object } }
    const { free: _, left, ...made } = accordion
    const { board: __, ...part } = left as { board: string }
    const stored = { ...rest, accordion: { ...made, left: part } }
    const { recipe, anew, told } = broughtUp(stored)
    expect([recipe, anew, told]).toEqual([whole, [], null])
    const { tells } = familyOf(whole).route
    expect(tells(recipe as unknown as typeof whole)).toEqual(tells(whole))
    // what a hand wrote in part stays as it is
    const given = { instrument: 'accordion', accordion: { bass: 48 } }
    expect(broughtUp(given).recipe).toBe(given)
  })
})
