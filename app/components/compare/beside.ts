import type { RecipeInput } from '#core/instrument'
import type { RealisedStudy } from '#core/realise'

/** Something to lay beside the study on the desk. */
export interface Beside {
  readonly value: string
  readonly words: string
  readonly note: string
  /** What the study on the desk is called beside them. */
  readonly base: string
  /** One study or several, each with what it is called here. */
  readonly recipes: readonly { readonly label: string; readonly recipe: RecipeInput }[]
}

/** Pins count notes and fingers of the study they were made for; beside it stands what the engine itself would do. */
export const unpinned = (study: RealisedStudy, some: Partial<RecipeInput>): RecipeInput =>
  ({ ...study.recipe, ...some, pins: [] }) as RecipeInput
