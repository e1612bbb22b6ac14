import { altered, type RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { notesIn } from '#core/realise'

/** Notes of a batch: twice as many as 120 studies of four octaves by hands together have. */
export const MAX_NOTES = 28_000

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

/** Notes of each study of a batch, up to the one that is one too many, if one is. */
export function weightsOf({ recipes, some, most }: Weighed): number[] {
  const weights: number[] = []
  let notes = 0
  for (const recipe of recipes) {
    const own = weightOf(some ? altered(recipe, some) : recipe)
    weights.push(own)
    notes += own
    if (notes > most) break
  }
  return weights
}
