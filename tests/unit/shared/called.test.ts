import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { calledWhole } from '#shared/paper'
import { wordingFor } from '#shared/languages'
import { runs } from '../../support/runs'

const w = wordingFor('en')
const study = (some: object) =>
  completeRecipe({ material: { tonic: 'D', kind: 'major' }, octaves: 2, hands: 'together', ...some } as RecipeInput)

describe('what studies are called on paper and in a calendar', () => {
  it('names hands and touch', () => {
    const names = calledWhole(w, [study({}), study({ articulation: 'staccato' }), study({ hands: 'left' })])
    expect(names[0]).toContain('hands together')
    expect(names[0]).not.toContain('legato')
    expect(names[1]).toContain('staccato')
    expect(names[2]).toContain('left hand')
  })

  it('tells twins apart by their tempo, or by their place', () => {
    const [slow, fast, same] = [60, 80, 80].map((bpm) => study({ tempo: { bpm, notesPerBeat: 2 } }))
    const names = calledWhole(w, [slow!, fast!, same!])
    expect(names[0]).toContain('60')
    expect(names[1]).toContain('80')
    expect(names[2]).toMatch(/\(2\)$/)
  })

  it('never calls two alike, whatever they are', () => {
    const anyStudy = fc
      .record({
        instrument: fc.constantFrom('piano', 'marimba', 'piano-accordion'),
        articulation: fc.constantFrom('legato', 'staccato'),
        octaves: fc.constantFrom(1, 2),
        bpm: fc.constantFrom(60, 72),
        motion: fc.constantFrom('similar', 'contrary'),
        kind: fc.constantFrom('major', 'harmonic-minor'),
      })
      .map(({ instrument, kind, bpm, motion, ...rest }) => ({
        ...{ ...rest, instrument, material: { tonic: 'C', kind }, tempo: { bpm, notesPerBeat: 2 } },
        ...(instrument === 'piano' ? { motion } : {}),
      }))
    fc.assert(
      fc.property(fc.array(anyStudy, { minLength: 2, maxLength: 8 }), (inputs) => {
        const recipes = inputs.flatMap((input) => {
          try {
            return [completeRecipe(input as RecipeInput)]
          } catch {
            return []
          }
        })
        const names = calledWhole(w, recipes)
        expect(new Set(names).size).toBe(names.length)
      }),
      { numRuns: runs(60) },
    )
  })
})
