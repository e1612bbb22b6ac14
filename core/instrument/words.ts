import type { CommonRecipe } from '../study'

/** By which hands, and how they move: “hands together”, “contrary motion”. */
export function handWords(recipe: Pick<CommonRecipe, 'hands' | 'motion'>): string {
  if (recipe.hands === 'together') {
    return recipe.motion === 'contrary' ? 'contrary motion' : 'hands together'
  }
  return `${recipe.hands} hand`
}
