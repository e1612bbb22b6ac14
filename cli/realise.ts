import { familyOf } from '#core/instrument'
import { notesMessages, realise, type RealisedStudy } from '#core/realise'
import { recipeOf } from '#shared/schemas'
import type { Answer } from './lines'

/** A realised study as the terminal's contract has it. */
function resultOf(study: RealisedStudy): Answer {
  const { recipe, title, twin, keySignature, together, difficulty } = study
  return {
    ...{ recipe, title, twin, keySignature },
    ...familyOf(recipe).describe(study),
    notes: notesMessages(study),
    ...(together ? { together } : {}),
    difficulty,
  }
}

/** A recipe realised. */
export const realiseLine = (value: unknown): Answer => resultOf(realise(recipeOf(value)))
