import { type Message, DomainError, sameMessage } from '#core/message'
import { type Accepted, acceptedOf, realise, type RealisedStudy } from '#core/realise'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { errorMessage } from '#words'
import type { StudyContent } from './db'

/**
 * Makes a study ready to store: the recipe whole and the fingers that now stand, so that a later engine
 * changes nothing by itself.
 * @param field where the request holds the recipe
 * @throws DomainError when the recipe cannot be realised or the accepted fingers do not fit it
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
    if (!(error instanceof DomainError) || error.path.startsWith('accepted')) throw error
    throw error.at(`${field}.${error.path}`)
  }
}

/** A recipe with nothing left open. @throws DomainError naming the field, where the request holds the recipe */
export function completed(recipe: RecipeInput, field: string): Recipe {
  try {
    return completeRecipe(recipe)
  } catch (error) {
    if (error instanceof DomainError) throw error.at(`${field}.${error.path}`)
    throw error
  }
}

/** What a list asks and the pupil's instrument or settings cannot play does not keep the rest from being added. */
export function playableOf(recipes: readonly RecipeInput[]): { contents: StudyContent[]; refused: Message[] } {
  const contents: StudyContent[] = []
  const refused: Message[] = []
  for (const recipe of recipes) {
    try {
      contents.push(contentOf(recipe))
    } catch (error) {
      if (!(error instanceof DomainError)) throw error
      refused.push(errorMessage(error))
    }
  }
  return { contents, refused: uniqueMessages(refused) }
}

/** Each of some messages once. */
export const uniqueMessages = (messages: readonly Message[]): Message[] =>
  messages.filter((one, at) => messages.findIndex((each) => sameMessage(each, one)) === at)
