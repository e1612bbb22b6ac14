import { DomainError } from '#core/message'
import { notesIn } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { refuse } from '../messages'

/** Notes of a batch: twice as many as 120 studies of four octaves by hands together have. */
const MAX_NOTES = 28_000
/** A study of more notes than this is given its fingers in a thread, so that nobody else waits for it. */
const HEAVY = 200

/** What cannot be laid down weighs nothing: whoever realises it says what is wrong. */
function weightOf(recipe: RecipeInput): number {
  try {
    return notesIn(recipe)
  } catch (error) {
    if (error instanceof DomainError) return 0
    throw error
  }
}

/** Weighs a batch before any of it is done. @throws DomainError `recipes.notes` at the study that is one too many */
export function weighed(recipes: readonly RecipeInput[], field = 'recipes'): void {
  let notes = 0
  recipes.forEach((recipe, at) => {
    notes += weightOf(recipe)
    if (notes > MAX_NOTES) throw refuse('recipes.notes', { most: MAX_NOTES, fits: at }, `${field}[${at}]`)
  })
}

/** A straight way through one key is never heavy: it need not be laid down to know. */
const isStraight = ({ material, pattern, rhythm }: RecipeInput): boolean =>
  !('pitches' in material) &&
  (pattern?.figure ?? 'straight') === 'straight' &&
  (pattern?.walk ?? 'straight') === 'straight' &&
  (pattern?.journey ?? 'one-key') === 'one-key' &&
  (rhythm?.ladder ?? 'none') === 'none'

export const isHeavy = (recipe: RecipeInput): boolean => !isStraight(recipe) && weightOf(recipe) > HEAVY
