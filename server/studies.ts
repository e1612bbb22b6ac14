import { RecipeError } from '#core/message'
import { type Accepted, acceptedOf, realise, type RealisedStudy } from '#core/realise'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import type { StudyContent } from './db'

/**
 * Makes a study ready to store: the recipe whole and the fingers that now stand, so that a later engine
 * changes nothing by itself.
 * @param field where the request holds the recipe
 * @throws RecipeError when the recipe cannot be realised or the accepted fingers do not fit it
 */
export function contentOf(recipe: RecipeInput, accepted: Accepted = {}, field = 'recipe'): StudyContent {
  const study = realisedFor(recipe, accepted, field)
  return { recipe: study.recipe, accepted: acceptedOf(study) }
}

/** The core names fields of the recipe; a request holds the recipe in a field of its own. */
function realisedFor(recipe: RecipeInput, accepted: Accepted, field: string): RealisedStudy {
  try {
    // nothing but the fingers is stored: no alternatives are worked out
    return realise(recipe, accepted, 0)
  } catch (error) {
    if (!(error instanceof RecipeError) || error.path.startsWith('accepted')) throw error
    throw error.at(`${field}.${error.path}`)
  }
}

/** A recipe with nothing left open. @throws RecipeError naming the field, where the request holds the recipe */
export function completed(recipe: RecipeInput, field: string): Recipe {
  try {
    return completeRecipe(recipe)
  } catch (error) {
    if (error instanceof RecipeError) throw error.at(`${field}.${error.path}`)
    throw error
  }
}
