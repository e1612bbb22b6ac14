import { compareStudies, differenceWords } from '#core/compare'
import { RecipeError } from '#core/pitch'
import { realise } from '#core/realise'
import { recipeOf } from '#shared/schemas'
import type { Answer } from './lines'

/** Differences between two recipes, given as a list of two. */
export function compareLine(value: unknown): Answer {
  if (!Array.isArray(value) || value.length !== 2) {
    throw new RecipeError('compare.two', 'A line holds a list of two recipes.', '')
  }
  const [a, b] = value.map((recipe) => realise(recipeOf(recipe), {}, 0))
  const differences = compareStudies(a!, b!)
  return { titles: [a!.title, b!.title], ...differences, words: differenceWords(a!, b!, differences) }
}
