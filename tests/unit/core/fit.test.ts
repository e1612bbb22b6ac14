import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KIND_IDS, KINDS } from '#core/material'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { FIGURES, NO_BOOKENDS, PLAIN_PATTERN } from '#core/study'
import { completeRecipe, fitShape, shapesFor } from '#core/instrument'
import { anyShaped } from '../../support/recipes'
import { errorText } from '../../support/english'
import { runs } from '../../support/runs'

const plays = completeRecipe({ material: { tonic: 'C', kind: 'major' } })

describe('a shape is fitted to other material', () => {
  it('so that it is never refused for what the material cannot take, whatever it was made for', () => {
    fc.assert(
      fc.property(anyShaped, fc.constantFrom(...KIND_IDS), (shaped, kind) => {
        const recipe = completeRecipe(shaped)
        const fit = fitShape(recipe, KINDS[kind], { ...recipe, motion: 'similar' })
        const next = { ...fit, hands: recipe.hands, octaves: 1, material: { tonic: 'C', kind } }
        try {
          realise(next, {}, 0)
        } catch (error) {
          expect(error).toBeInstanceOf(DomainError)
          // whether there is a crossing to loop around, only the fingers can tell
          if (!/No crossing lies/.test(errorText(error))) {
            expect((error as DomainError).code).not.toBe('pattern.material')
          }
        }
      }),
      { numRuns: runs(60) },
    )
  })

  it('and stays as it was where the material takes it', () => {
    fc.assert(
      fc.property(anyShaped, (shaped) => {
        const recipe = completeRecipe(shaped)
        const kind = KINDS[(shaped.material as { kind: keyof typeof KINDS }).kind]
        expect(fitShape(recipe, kind, recipe)).toEqual({ pattern: recipe.pattern, bookends: recipe.bookends })
      }),
      { numRuns: runs(100) },
    )
  })

  it('offers a list of pitches, a chord and shared tetrachords nothing but themselves', () => {
    const bare = { pattern: PLAIN_PATTERN, bookends: NO_BOOKENDS }
    const shape = {
      pattern: { ...PLAIN_PATTERN, figure: 'broken-thirds', accompaniment: 'held-tonic' },
      bookends: { ...NO_BOOKENDS, before: 'five-finger', after: 'cadence' },
    } as const
    expect(fitShape(shape, null, plays)).toEqual(bare)
    expect(fitShape(shape, KINDS['cadence-major'], plays)).toEqual(bare)
    expect(fitShape(shape, KINDS.major, { ...plays, school: 'two-hand-tetrachords' })).toEqual(bare)
    expect(fitShape(shape, KINDS.major, { ...plays, hands: 'left' }).pattern.accompaniment).toBe('none')
  })

  it('offers a scale everything, an arpeggio what needs no seven notes', () => {
    expect(shapesFor(KINDS.major, plays).figure).toEqual(FIGURES)
    expect(shapesFor(KINDS['major-arpeggio'], plays).figure).toEqual(['straight', 'groups-of-three', 'groups-of-four'])
    expect(shapesFor(KINDS['harmonic-minor'], plays).keySteps).not.toContain('mode')
  })
})
