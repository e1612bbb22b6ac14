import type { Recipe } from '../instrument'
import { DomainError } from '../message'
import { realise } from '../realise'

/** Index of difficulty of what is neither easy nor hard: where nothing is known. */
export const SOME_LEVEL = 45

const OF_RECIPE = new WeakMap<Recipe, number>()
const DIFFICULTY = new Map<string, number>()
const MAX_CACHED = 5000

/** Index of difficulty, worked out once for what sounds and is played alike. */
export function difficultyOf(recipe: Recipe): number {
  let total = OF_RECIPE.get(recipe)
  if (total === undefined) OF_RECIPE.set(recipe, (total = cachedDifficulty(recipe)))
  return total
}

function cachedDifficulty(recipe: Recipe): number {
  const key = JSON.stringify(recipe)
  const cached = DIFFICULTY.get(key)
  if (cached !== undefined) return cached
  if (DIFFICULTY.size >= MAX_CACHED) DIFFICULTY.clear()
  const total = foundDifficulty(recipe)
  DIFFICULTY.set(key, total)
  return total
}

/** What a list asks may be out of an instrument’s reach: then nothing is known of it. */
function foundDifficulty(recipe: Recipe): number {
  try {
    return realise(recipe, {}, 0).difficulty.total
  } catch (error) {
    if (error instanceof DomainError) return SOME_LEVEL
    throw error
  }
}
