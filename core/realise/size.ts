import { completeRecipe, familyOf, type Recipe, type RecipeInput } from '../instrument'
import { checkPattern, type Line } from '../study'
import { materialFor } from './material'
import { joinedLines, partsOf } from './parts'

/**
 * The notes that a recipe lays down, hand by hand, before any has its finger, and wherever they lie.
 * @throws DomainError as realising it does, but for the compass
 */
export function laidDown(input: RecipeInput): { readonly recipe: Recipe; readonly lines: readonly Line[] } {
  const recipe = completeRecipe(input)
  checkPattern(recipe, materialFor(recipe), familyOf(recipe))
  return { recipe, lines: joinedLines(partsOf(recipe)) }
}

/**
 * How many notes a recipe lays down, over all hands: what realising it will take goes by it.
 * @throws DomainError as `laidDown`
 */
export const notesIn = (input: RecipeInput): number =>
  laidDown(input).lines.reduce((sum, line) => sum + line.notes.length, 0)
