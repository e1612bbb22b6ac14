import { altered, type RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { notesIn } from '#core/realise'

/** Notes of a recipe. What cannot be laid down weighs nothing: whoever realises it says what is wrong. */
function weightOf(recipe: RecipeInput): number {
  try {
    return notesIn(recipe)
  } catch (error) {
    if (error instanceof DomainError) return 0
    throw error
  }
}

/** What is asked of a batch. */
export interface Weighed {
  readonly recipes: readonly RecipeInput[]
  /** What is changed of each of them first; null where nothing is. */
  readonly some: Partial<RecipeInput> | null
  readonly most: number
}

/** The study of a batch that is one too many; null where all of it may be done. */
export function oneTooMany({ recipes, some, most }: Weighed): number | null {
  let notes = 0
  const at = recipes.findIndex((recipe) => {
    notes += weightOf(some ? altered(recipe, some) : recipe)
    return notes > most
  })
  return at < 0 ? null : at
}
