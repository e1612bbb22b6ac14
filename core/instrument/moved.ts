import { type Kind, KINDS } from '../material'
import { fittedTo, isFree, type Shapes } from '../study'
import { families, familyOf, sameFamily } from './find'
import type { Recipe, RecipeInput } from './recipe'

/** What one family alone is asked, and what follows from the instrument. */
const OWN = ['school', 'startOctave', 'pins', 'hands', 'motion', 'interval', 'tonicHand', 'contraryFrom'] as const

type Moved = Partial<Record<keyof RecipeInput, undefined>> & Partial<RecipeInput>
const without = (fields: readonly (keyof RecipeInput)[]): Moved =>
  Object.fromEntries(fields.map((field) => [field, undefined]))

/** What of pattern and bookends a kind takes (null: a list of pitches), played as a recipe says. */
export const shapesFor = (kind: Kind | null, recipe: Recipe): Shapes => familyOf(recipe).shapesFor(kind, recipe)

/** A recipe's pattern and bookends as far as a kind takes them; what it cannot becomes plain. */
export const fitShape = (
  shape: Pick<Recipe, 'pattern' | 'bookends'>,
  kind: Kind | null,
  recipe: Recipe,
): Pick<Recipe, 'pattern' | 'bookends'> => fittedTo(shape, shapesFor(kind, recipe))

/**
 * What changes in a recipe when it is played on another instrument: `undefined` goes back to the default. Within a
 * family everything stays but where it begins; from one to another, settings and pins stay behind, and of pattern and
 * material what the other cannot take.
 */
export function movedTo(recipe: Recipe, instrument: Recipe['instrument']): Partial<RecipeInput> {
  const family = familyOf({ instrument })
  if (sameFamily(recipe, { instrument })) {
    return { ...family.alongInstrument(recipe, instrument), instrument, startOctave: undefined } as Partial<RecipeInput>
  }
  const { material, pattern, rhythm, bookends } = recipe
  const ladder = rhythm.ladder === 'strokes' ? 'none' : rhythm.ladder
  const fields = families().flatMap((each) => each.fields) as (keyof RecipeInput)[]
  const common = { ...without([...OWN, ...fields]), instrument, rhythm: { ...rhythm, ladder } }
  const kind = isFree(material) ? null : KINDS[material.kind]
  if (!family.takes(material, kind)) {
    const fresh = without(['octaves', 'course', 'tempo', 'pattern', 'rhythm', 'bookends'])
    const tonic = isFree(material) ? 'C' : material.tonic
    return { ...common, ...fresh, material: { tonic, kind: 'major' } } as Partial<RecipeInput>
  }
  const together = { hands: 'together', motion: 'similar', interval: 'octave', school: family.usualSchool } as const
  const fitted = fittedTo(
    { pattern, bookends },
    family.shapesFor(kind, { ...recipe, ...together, instrument } as Recipe),
  )
  return { ...common, ...fitted } as Partial<RecipeInput>
}
