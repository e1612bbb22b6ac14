import { type Accepted, realise } from '#core/realise'
import type { RecipeInput } from '#core/study'
import type { StudyContent } from './db'

/**
 * Makes a study ready to store: the recipe whole, its title, and the fingers that now stand, so that a later engine
 * changes nothing by itself.
 * @throws RecipeError when the recipe cannot be realised or the accepted fingers do not fit it
 */
export function contentOf(recipe: RecipeInput, accepted: Accepted = {}): StudyContent {
  const study = realise(recipe, accepted)
  const fingers = Object.fromEntries(Object.entries(study.hands).map(([hand, part]) => [hand, part.fingers]))
  return { title: study.title, recipe: study.recipe, accepted: fingers }
}
