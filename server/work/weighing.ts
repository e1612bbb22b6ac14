import type { RecipeInput } from '#core/instrument'
import { refuse } from '../messages'
import { MAX_NOTES } from '../weight'
import { thread } from './shared'

/**
 * Weighs a batch before any of it is done, in a thread, as long ones take their time to be laid down.
 * @param some what is changed of each of them first
 * @returns the notes of each
 * @throws DomainError `recipes.notes` at the study that is one too many
 */
export async function weighed(
  recipes: readonly RecipeInput[],
  field = 'recipes',
  some: Partial<RecipeInput> | null = null,
): Promise<readonly number[]> {
  const weights = await thread('weigh', { recipes, some, most: MAX_NOTES })
  const at = weights.length - 1
  if (weights.reduce((sum, notes) => sum + notes, 0) > MAX_NOTES)
    throw refuse('recipes.notes', { most: MAX_NOTES, fits: at }, `${field}[${at}]`)
  return weights
}

/** A straight way through one key is given its fingers at once; anything else may be long, and is so in a thread. */
export const isStraight = ({ material, pattern, rhythm }: RecipeInput): boolean =>
  !('pitches' in material) &&
  (pattern?.figure ?? 'straight') === 'straight' &&
  (pattern?.walk ?? 'straight') === 'straight' &&
  (pattern?.journey ?? 'one-key') === 'one-key' &&
  !pattern?.motif &&
  (rhythm?.ladder ?? 'none') === 'none'
