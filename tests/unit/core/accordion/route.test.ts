import { describe, expect, it } from 'vitest'
import { completeRecipe, familyOf, type Recipe, type RecipeInput } from '#core/instrument'
import { targetOf } from '#core/practice'
import { realise, type RealisedStudy } from '#core/realise'
import type { AccordionStudy } from '../../../support/accordion'
import { inEnglish } from '../../../support/english'

const whole = (some: object = {}): Recipe =>
  completeRecipe({
    ...{ instrument: 'accordion', material: { tonic: 'C', kind: 'major' }, octaves: 2 },
    ...{ tempo: { bpm: 72, notesPerBeat: 2 }, ...some },
  } as RecipeInput)
const stagesOf = (recipe: Recipe) => targetOf(recipe).stages.map(({ id }) => id)
const stageIn = (recipe: Recipe, id: string) => targetOf(recipe).stages.find((each) => each.id === id)!
const study = (recipe: Recipe): RealisedStudy => realise(recipe, {}, 0)
const studiesOf = (recipe: Recipe, id: string, bpm = 60): AccordionStudy[] =>
  familyOf(recipe)
    .route.studies(recipe, study(recipe), stageIn(recipe, id), bpm)
    .map((each) => realise(each as RecipeInput, {}, 0) as AccordionStudy)
const watched = (recipe: Recipe, id: string): string | null => {
  const shown = familyOf(recipe).route.watch(recipe, study(recipe), stageIn(recipe, id))
  return shown && inEnglish(shown)
}
const alternating = whole({ hands: 'together' })

describe('the way through a study of the accordion', () => {
  it('is the teachers’: right hand, left hand, note against beat, together, octaves, bellows, tempo', () => {
    expect(stagesOf(alternating)).toEqual([
      ...['right-alone', 'left-alone', 'against', 'together', 'octaves', 'bellows'],
      ...['tempo', 'above', 'cold'],
    ])
  })

  it.each([
    ['one octave needs no stage of its own', { octaves: 1 }, 'octaves'],
    ['bellows that turn freely are not practised', { accordion: { bellows: { turn: 'free' } } }, 'bellows'],
    ['one note to the beat is against the beat already', { tempo: { bpm: 60, notesPerBeat: 1 } }, 'against'],
    ['one hand has nothing to be put together', { hands: 'left' }, 'together'],
  ])('leaves out what the study cannot have: %s', (_, some, stage) => {
    expect(stagesOf(whole(some))).not.toContain(stage)
    expect(stagesOf(whole(some))).toContain('cold')
  })

  it('gives each hand by itself its own line: the scale without bass, the bass without scale', () => {
    const [right] = studiesOf(alternating, 'right-alone')
    expect([right!.recipe.hands, right!.bass, right!.hands.right!.pitches.length]).toEqual(['right', undefined, 15])
    const [left] = studiesOf(alternating, 'left-alone')
    expect([left!.recipe.hands, left!.hands.right]).toEqual(['left', undefined])
    const strokes = left!.bass!.buttons.map(({ row }) => row)
    expect(strokes.slice(0, 4)).toEqual(['fundamental', 'major', 'fundamental', 'major'])
  })

  it('sets note against beat, then twice as fast, at the tempo asked', () => {
    const perStroke = ({ hands: { right }, bass }: AccordionStudy) =>
      new Set(right!.notes.map(({ step }) => step)).size / new Set(bass!.notes.map(({ step }) => step)).size
    const [against] = studiesOf(alternating, 'against', 50)
    const [together] = studiesOf(alternating, 'together', 50)
    expect(against!.recipe.tempo).toEqual({ bpm: 50, notesPerBeat: 1 })
    expect(together!.recipe.tempo).toEqual({ bpm: 50, notesPerBeat: 2 })
    expect(perStroke(against!)).toBe(1)
    expect(perStroke(together!)).toBeGreaterThan(1.7)
    expect([against!.recipe.octaves, together!.recipe.octaves]).toEqual([1, 1])
    expect(studiesOf(alternating, 'octaves')[0]!.recipe.octaves).toBe(2)
  })

  it('says what to watch: the crossing, the leap of the left hand, the note on which the bellows turn', () => {
    expect(watched(alternating, 'right-alone')).toContain('F')
    expect(watched(alternating, 'left-alone')).toBe('till it runs by itself, the eyes elsewhere')
    expect(watched(alternating, 'against')).toBe('one note to each stroke, both at once')
    expect(watched(alternating, 'bellows')).toBe('close on C: the same loudness, no bump')
    const scale = whole({ hands: 'left', material: { tonic: 'C', kind: 'chromatic' } })
    expect(watched(scale, 'left-alone') ?? watched(scale, 'bellows')).not.toBeNull()
  })

  it.each([
    ['another bass', { accordion: { left: { part: 'waltz' } } }],
    ['another keyboard', { accordion: { treble: 'c-5' } }],
    ['another harmony', { accordion: { left: { harmony: 'by-bar' } } }],
  ])('is another study to the record: %s', (_, some) => {
    const { tells } = familyOf(alternating).route
    expect(tells(whole({ hands: 'together', ...some }))).not.toEqual(tells(alternating))
  })

  it.each([
    ['registers', { accordion: { registers: ['16'] } }],
    ['a board of another size', { accordion: { bass: 96 } }],
    ['the school of the left hand', { accordion: { left: { school: 'three-two' } } }],
  ])('stays the same study to the record: %s', (_, some) => {
    const { tells } = familyOf(alternating).route
    expect(tells(whole({ hands: 'together', ...some }))).toEqual(tells(alternating))
  })
})
