import { KINDS } from '../material'
import { shapesFor } from './fit'
import { isFree, type Recipe, type RecipeInput } from './recipe'

/** What only one sort of instrument is asked, and what follows from the instrument. */
const OWN = ['school', 'startOctave', 'pins', 'hands', 'motion', 'interval', 'tonicHand'] as const
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
  const playable = kind === null || !['tetrachords', 'cadence'].includes(kind.texture)
  const fits = playable ? material : { tonic: isFree(material) ? 'C' : material.tonic, kind: 'major' }
  const can = shapesFor(playable ? kind : KINDS.major, {
    ...recipe,
    instrument,
    hands: 'together',
    motion: 'similar',
    interval: 'octave',
  } as Recipe)
  return {
    ...common,
    material: fits,
    ...(playable ? {} : { octaves: undefined, course: undefined, tempo: undefined }),
    pattern: {
      ...pattern,
      walk: can.walk.includes(pattern.walk) ? pattern.walk : 'straight',
      accompaniment: 'none',
    },
    bookends: { before: can.before.includes(recipe.bookends.before) ? recipe.bookends.before : 'none', after: 'none' },
  } as Partial<RecipeInput>
}
