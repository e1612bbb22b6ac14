import { errorText } from './english'
import { DomainError } from '#core/message'
import { realise, type RealisedStudy } from '#core/realise'
import type { RecipeInput, RealisedSticking } from '#core/instrument'

export type StickStudy = Extract<RealisedStudy, { readonly plays: 'sticks' }>
export const C: RecipeInput['material'] = { tonic: 'C', kind: 'major' }

/** A study on the largest marimba. */
export const marimba = (some: Partial<RecipeInput> & Pick<RecipeInput, 'material'>): StickStudy =>
  realise({ instrument: 'marimba-5.0', ...some }) as StickStudy
export const sticksOf = (study: RealisedStudy): RealisedSticking => (study as StickStudy).sticking

/** What refuses a recipe, and the field that it names. */
export function refusal(input: RecipeInput): [code: string, path: string, words: string] {
  try {
    realise(input)
  } catch (error) {
    if (error instanceof DomainError) return [error.code, error.path, errorText(error)]
    throw error
  }
  return ['', '', 'it was played']
}
