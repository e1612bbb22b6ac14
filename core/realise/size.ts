import { completeRecipe, familyOf, type RecipeInput } from '../instrument'
import { checkPattern } from '../study'
import { materialFor } from './material'
import { joinedLines, partsOf } from './parts'

/**
 * How many notes a recipe lays down, over all hands, before any has its finger: what realising it will take goes by it.
 * @throws RecipeError as realising it does
 */
export function notesIn(input: RecipeInput): number {
  const recipe = completeRecipe(input)
  checkPattern(recipe, materialFor(recipe), familyOf(recipe))
  return joinedLines(partsOf(recipe)).reduce((sum, line) => sum + line.notes.length, 0)
}
