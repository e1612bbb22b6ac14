import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, familyOf, type Recipe, type RecipeInput } from '#core/instrument'
import { KIND_IDS } from '#core/material'
import { targetOf } from '#core/practice'
import { marksOf, realise, type RealisedStudy } from '#core/realise'
import { inEnglish } from '../../../support/english'
import { someOf } from '../../../support/night'
import { anyMallets, anyShaped } from '../../../support/recipes'
import { runs } from '../../../support/runs'

const whole = (input: object): Recipe => completeRecipe({ octaves: 2, ...input } as RecipeInput)
const stagesOf = (recipe: Recipe) => targetOf(recipe).stages.map(({ id }) => id)
const study = (recipe: Recipe): RealisedStudy => realise(recipe, {}, 0)

function studiesOf(recipe: Recipe, id: string, bpm = 60): RealisedStudy[] {
  const stage = targetOf(recipe).stages.find((each) => each.id === id)!
  return familyOf(recipe)
    .route.studies(recipe, study(recipe), stage, bpm)
    .map((each) => realise(each as RecipeInput, {}, 0))
}
const C = whole({ material: { tonic: 'C', kind: 'major' }, hands: 'together' })

describe('the way through a study', () => {
  it('is the practitioners’: hands apart, crossings, blocks, together, rhythms, octaves, ladder, tempo, above, cold', () => {
    expect(stagesOf(C)).toEqual([
      ...['right-alone', 'left-alone', 'crossings', 'blocks', 'together', 'rhythms', 'octaves', 'ladder'],
      ...['tempo', 'above', 'cold'],
    ])
  })

  it('leaves out what a study cannot have', () => {
    const one = whole({ material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1 })
    expect(stagesOf(one)).toEqual(['right-alone', 'crossings', 'blocks', 'rhythms', 'ladder', 'tempo', 'above', 'cold'])
    const five = whole({ material: { tonic: 'C', kind: 'five-finger-major' }, hands: 'right', octaves: 1 })
    expect(stagesOf(five)).toEqual(['right-alone', 'tempo', 'above', 'cold'])
    const triplets = whole({
      material: { tonic: 'C', kind: 'major' },
      hands: 'right',
      tempo: { bpm: 60, notesPerBeat: 3 },
    })
    expect(stagesOf(triplets)).not.toContain('rhythms')
  })

  it('takes the crossings of C major alone, with the fingers that they have in the scale', () => {
    const shown = studiesOf(C, 'crossings').map((each) => {
      const hand = each.recipe.hands as 'right' | 'left'
      return [hand, (each.plays === 'fingers' ? each.hands[hand]!.pitches : []).join(' '), marksOf(each, hand).join('')]
    })
    // thumb under after 3, then after 4; the left hand crosses over the thumb
    expect(shown).toEqual([
      ['right', 'D4 E4 F4 G4 F4 E4 D4', '2312132'],
      ['right', 'A4 B4 C5 D5 C5 B4 A4', '3412143'],
      ['left', 'F3 G3 A3 B3 A3 G3 F3', '2132312'],
      ['left', 'B3 C4 D4 E4 D4 C4 B3', '2143412'],
    ])
  })

  it('strikes the grips of C major as blocks', () => {
    const [right] = studiesOf(C, 'blocks')
    expect(inEnglish(right!.title)).toContain('right hand')
    expect(marksOf(right!, 'right').slice(0, 7).join('')).toBe('1231234')
  })

  it('has for sticks its own lead, the other, rolls up the ladder', () => {
    const marimba = whole({ instrument: 'marimba-5.0', material: { tonic: 'D', kind: 'major' } })
    expect(stagesOf(marimba)).toEqual(['lead', 'other-lead', 'rolled', 'octaves', 'tempo', 'above', 'cold'])
    // one octave there and back is a beginner's: one stick up, the other down comes first
    const first = whole({ instrument: 'marimba-5.0', material: { tonic: 'D', kind: 'major' }, octaves: 1 })
    expect(stagesOf(first)).toEqual(['turns', 'lead', 'other-lead', 'rolled', 'tempo', 'above', 'cold'])
    const [turns] = studiesOf(first, 'turns')
    expect(marksOf(turns!, 'sticks').join('')).toBe('RRRRRRRRLLLLLLL')
    const [other] = studiesOf(marimba, 'other-lead')
    expect(other!.recipe).toMatchObject({ lead: 'left', octaves: 1 })
    const [rolled] = studiesOf(marimba, 'rolled')
    expect(rolled!.recipe).toMatchObject({ roll: { manner: 'separate' }, rhythm: { ladder: 'strokes' } })
  })

  it('says what to watch for: the crossing, where the hands part, what comes back on the way down', () => {
    const watch = (recipe: Recipe, id: string) => {
      const stage = targetOf(recipe).stages.find((each) => each.id === id)!
      const shown = familyOf(recipe).route.watch(recipe, study(recipe), stage)
      return shown && inEnglish(shown)
    }
    expect(watch(C, 'right-alone')).toBe('thumb under to F')
    expect(watch(C, 'together')).toBe('the thumbs cross at different times: F')
    const melodic = whole({ material: { tonic: 'C', kind: 'melodic-minor' }, hands: 'right' })
    expect(watch(melodic, 'right-alone')).toBe('B♭ and A♭ on the way down')
    expect(watch(C, 'cold')).toBe('first try, once, no corrections')
  })

  // by day every other kind on each, so that all are seen
  it.each([
    ['piano', 0],
    ['marimba-5.0', 1],
  ])('has a way through every kind of study, on %s', (instrument, place) => {
    for (const kind of someOf(KIND_IDS, Math.ceil(KIND_IDS.length / 2), place)) {
      let realised: RealisedStudy
      try {
        realised = realise({ instrument, material: { tonic: 'D', kind } } as RecipeInput, {}, 0)
      } catch {
        continue
      }
      const { recipe } = realised
      const { stages } = targetOf(recipe)
      expect(stages.at(-1)!.id).toBe('cold')
      expect(stages.some(({ full, plain }) => full && plain)).toBe(true)
      for (const stage of stages) {
        for (const each of familyOf(recipe).route.studies(recipe, realised, stage, 50))
          realise(each as RecipeInput, {}, 0)
      }
    }
  })

  it('opens every stage of any study as a study that can be played', () => {
    fc.assert(
      fc.property(fc.oneof(anyShaped, anyMallets), fc.integer({ min: 40, max: 120 }), (input, bpm) => {
        let realised: RealisedStudy
        try {
          realised = realise(input as RecipeInput, {}, 0)
        } catch {
          return
        }
        const { recipe } = realised
        const { route } = familyOf(recipe)
        for (const stage of targetOf(recipe).stages) {
          for (const each of route.studies(recipe, realised, stage, bpm)) realise(each as RecipeInput, {}, 0)
          route.watch(recipe, realised, stage)
        }
      }),
      { numRuns: runs(15) },
    )
  })
})
