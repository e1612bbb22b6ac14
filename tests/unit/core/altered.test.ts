import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { altered, alters, completeRecipe, type RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'

const scale = (more: Partial<RecipeInput> = {}): RecipeInput =>
  ({ material: { tonic: 'E', kind: 'major' }, hands: 'together', octaves: 2, ...more }) as RecipeInput

/** What several studies may take on at once. */
const anyChange: fc.Arbitrary<Partial<RecipeInput>> = fc.record(
  {
    octaves: fc.integer({ min: 1, max: 4 }),
    hands: fc.constantFrom('together', 'right', 'left'),
    school: fc.constantFrom('conservatory', 'black-groups', 'one-fingering-for-all', 'free-and-smooth'),
    handSize: fc.constantFrom('small', 'average', 'large'),
    tempo: fc.record({ bpm: fc.integer({ min: 30, max: 200 }) }),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<Partial<RecipeInput>>

describe('a recipe that is changed', () => {
  it('has all of the change, whatever it is, and can be realised', () => {
    fc.assert(
      fc.property(anyChange, anyChange, fc.constantFrom('C', 'F#', 'Bb'), (before, change, tonic) => {
        const recipe = completeRecipe(scale({ ...before, material: { tonic, kind: 'major' } }))
        const next = altered(recipe, change)
        expect(alters(next, change)).toEqual({})
        expect(realise(next, {}, 0).recipe).toMatchObject({ ...change, material: recipe.material })
        // twice is once
        expect(altered(next, change)).toEqual(next)
      }),
      { numRuns: 60 },
    )
  })

  it('keeps of a part what the change does not name', () => {
    const recipe = completeRecipe(scale({ tempo: { bpm: 72, notesPerBeat: 3 } }))
    expect(altered(recipe, { tempo: { bpm: 90 } }).tempo).toEqual({ bpm: 90, notesPerBeat: 3 })
    expect(alters(recipe, { tempo: { bpm: 72 } })).toEqual({})
    expect(alters(recipe, { tempo: { bpm: 72 }, octaves: 2, handSize: 'small' })).toEqual({ handSize: 'small' })
    const squeezed = { instrument: 'accordion', accordion: { treble: 'keys-41', bass: 120 } } as const
    const accordion = completeRecipe(scale(squeezed as never))
    const smaller = altered(accordion, { accordion: { bass: 96 } } as never) as unknown as typeof squeezed
    expect(smaller.accordion).toMatchObject({ treble: 'keys-41', bass: 96 })
  })

  it('leaves what is open out, so that laying it over a whole recipe loses nothing', () => {
    for (const change of [{}, { octaves: 1 }, { instrument: 'piano' }, { handSize: 'small' }] as Partial<RecipeInput>[])
      expect('startOctave' in altered(scale(), change)).toBe(false)
  })

  it('keeps its pins as long as its notes stay, and its start', () => {
    const pins = [{ hand: 'right', index: 3, finger: 4 }] as const
    const recipe = completeRecipe(scale({ pins, startOctave: 3 } as never))
    const slower = altered(recipe, { tempo: { bpm: 50 }, handSize: 'large' })
    expect([slower.pins, slower.startOctave]).toEqual([recipe.pins, 3])
    const longer = altered(recipe, { octaves: 3 })
    expect([longer.pins, longer.startOctave]).toEqual([undefined, undefined])
    // what the change names itself counts
    expect(altered(recipe, { octaves: 3, startOctave: 2 }).startOctave).toBe(2)
  })

  it('goes to another instrument with what it can take there', () => {
    const marimba = altered(scale({ octaves: 3 }), { instrument: 'marimba-4.3' } as never)
    expect(realise(marimba, {}, 0).recipe.instrument).toBe('marimba-4.3')
  })
})
