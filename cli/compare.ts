import { compareStudies, differenceMessage } from '#core/compare'
import { realise } from '#core/realise'
import { recipeOf } from '#shared/schemas'
import type { Answer } from './lines'
import { refuse } from './messages'

/** Differences between two recipes, given as a list of two. */
export function compareLine(value: unknown): Answer {
  if (!Array.isArray(value) || value.length !== 2) {
    throw refuse('compare.two', {}, '')
  }
  const [a, b] = value.map((recipe) => realise(recipeOf(recipe), {}, 0))
  const differences = compareStudies(a!, b!)
  return { titles: [a!.title, b!.title], ...differences, words: differenceMessage(a!, b!, differences) }
}
