import { DomainError, listed, type Message, sameMessage } from '#core/message'
import { type Accepted, acceptedOf, materialName, realise, type RealisedStudy } from '#core/realise'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { errorMessage } from '#words'
import type { StudyContent } from './db'
import { serverMessage } from './messages'

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

/** What cannot be played as it is asked, by key and kind, and why, with what would do. */
export interface Unplayable {
  readonly title: Message
  readonly why: Message
}

/** What a list asks and the pupil's instrument or settings cannot play does not keep the rest from being added. */
export function playableOf(recipes: readonly RecipeInput[]): { contents: StudyContent[]; refused: Unplayable[] } {
  const contents: StudyContent[] = []
  const refused: Unplayable[] = []
  for (const recipe of recipes) {
    try {
      contents.push(contentOf(recipe))
    } catch (error) {
      if (!(error instanceof DomainError)) throw error
      refused.push({ title: materialName(completeRecipe(recipe)), why: errorMessage(error) })
    }
  }
  return { contents, refused }
}

/** What is too wide is told by what would fit, by however much it is too wide. */
const kindOf = ({ code, params }: Message): Message =>
  code === 'error.range'
    ? serverMessage('studies.too-wide', { instrument: params!.instrument as Message, mend: params!.mend as Message })
    : { code, ...(params ? { params } : {}) }

/** Studies that cannot be played, those together that cannot for one reason; each named once. */
export function unplayableMessages(refused: readonly Unplayable[]): Message[] {
  const reasons = uniqueMessages(refused.map(({ why }) => kindOf(why)))
  return reasons.map((why) => {
    const own = refused.filter((each) => sameMessage(kindOf(each.why), why))
    return serverMessage('studies.unplayable', { titles: listed(uniqueMessages(own.map(({ title }) => title))), why })
  })
}

/** Each of some messages once. */
const uniqueMessages = (messages: readonly Message[]): Message[] =>
  messages.filter((one, at) => messages.findIndex((each) => sameMessage(each, one)) === at)
