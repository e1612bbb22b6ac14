import { RecipeError } from '#core/pitch'
import { realise, type RealisedSticking, type RealisedStudy } from '#core/realise'
import type { RecipeInput } from '#core/study'

export const C: RecipeInput['material'] = { tonic: 'C', kind: 'major' }

/** A study on the largest marimba. */
export const marimba = (some: Partial<RecipeInput> & Pick<RecipeInput, 'material'>): RealisedStudy =>
  realise({ instrument: 'marimba-5.0', ...some })
export const sticksOf = (study: RealisedStudy): RealisedSticking => study.sticking!

/** What refuses a recipe, and the field that it names. */
export function refusal(input: RecipeInput): [code: string, path: string, words: string] {
  try {
    realise(input)
  } catch (error) {
    if (error instanceof RecipeError) return [error.code, error.path, error.message]
    throw error
  }
  return ['', '', 'it was played']
}
