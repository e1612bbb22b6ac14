import { KINDS } from '../material'
import { shapesFor } from './fit'
import { isFree, type Recipe, type RecipeInput } from './recipe'

/** What only one sort of instrument is asked, and what follows from the instrument. */
const OWN = ['school', 'startOctave', 'pins', 'hands', 'motion', 'interval', 'tonicHand', 'contraryFrom'] as const
const FINGERS = ['firstFinger', 'leftArpeggio', 'chromatic', 'handSize'] as const
const STICKS = ['lead', 'tops', 'rudiment', 'rudimentOn', 'roll', 'mallets', 'strike', 'bars'] as const

type Moved = Partial<Record<keyof RecipeInput, undefined>> & Partial<RecipeInput>
const without = (fields: readonly (keyof RecipeInput)[]): Moved =>
  Object.fromEntries(fields.map((field) => [field, undefined]))

/**
 * What changes in a recipe when it is played on another instrument: `undefined` goes back to the default. Between
 * mallet instruments everything stays but where it begins; from keys to bars and back, settings and pins stay behind,
 * and of pattern and material what the other cannot take.
 */
export function movedTo(recipe: Recipe, instrument: Recipe['instrument']): Partial<RecipeInput> {
  const sticks = instrument !== 'piano'
  if (sticks === (recipe.instrument !== 'piano')) return { instrument, startOctave: undefined } as Partial<RecipeInput>
  const { material, pattern, rhythm } = recipe
  const ladder = rhythm.ladder === 'strokes' ? 'none' : rhythm.ladder
  const common = { ...without([...OWN, ...FINGERS, ...STICKS]), instrument, rhythm: { ...rhythm, ladder } }
  if (!sticks) return common as Partial<RecipeInput>
  const kind = isFree(material) ? null : KINDS[material.kind]
  const playable = isFree(material)
    ? material.pitches.every((each) => typeof each === 'string' || each.length <= 2)
    : !['tetrachords', 'cadence'].includes(kind!.texture)
  if (!playable) {
    const fresh = without(['octaves', 'course', 'tempo', 'pattern', 'rhythm', 'bookends'])
    const tonic = isFree(material) ? 'C' : material.tonic
    return { ...common, ...fresh, material: { tonic, kind: 'major' } } as Partial<RecipeInput>
  }
  const together = { hands: 'together', motion: 'similar', interval: 'octave' } as const
  const can = shapesFor(kind, { ...recipe, ...together, instrument } as Recipe)
  return {
    ...common,
    pattern: {
      ...pattern,
      walk: can.walk.includes(pattern.walk) ? pattern.walk : 'straight',
      accompaniment: 'none',
    },
    bookends: { before: can.before.includes(recipe.bookends.before) ? recipe.bookends.before : 'none', after: 'none' },
  } as Partial<RecipeInput>
}
