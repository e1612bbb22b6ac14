import type { RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { realise, type RealisedStudy } from '#core/realise'

/** A study of a made-up recipe, or nothing where its parts do not go together. */
export function realisedIfItCan(recipe: RecipeInput): RealisedStudy | null {
  try {
    return realise(recipe, {}, 0)
  } catch (error) {
    if (error instanceof DomainError) return null
    throw error
  }
}
