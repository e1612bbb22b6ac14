import type { AnyPin, Player, RecipeInput } from '#core/instrument'
import type { Accepted, RealisedStudy } from '#core/realise'

/** A study to be laid beside others, with what it is called here. */
export interface WantedStudy {
  readonly label: string
  readonly recipe: RecipeInput
  readonly accepted?: Accepted
  /** What a player takes instead of the engine's own. */
  readonly take?: { readonly player: Player; readonly marks: readonly string[]; readonly pins: readonly AnyPin[] }
}

/** More than these cannot be read beside one another. */
export const MAX_COMPARED = 4

/** Something to lay beside the study on the desk. */
export interface Beside {
  readonly value: string
  readonly words: string
  readonly note: string
  /** What the study on the desk is called beside them. */
  readonly base: string
  /** One study or several. */
  readonly recipes: readonly WantedStudy[]
}

/** Pins count notes and fingers of the study they were made for; beside it stands what the engine itself would do. */
export const unpinned = (study: RealisedStudy, some: Partial<RecipeInput>): RecipeInput =>
  ({ ...study.recipe, ...some, pins: [] }) as RecipeInput
