import type { CommonInput, CommonRecipe } from '../study'

/** What a phrase's slots took from the line: numbers in order, sticks in a row `rlrr`. */
export interface Slots {
  readonly numbers: readonly number[]
  readonly sticks: string
}

/** What a phrase changes in a recipe. */
export interface Meaning {
  readonly change: Omit<CommonInput, 'material'>
  /** What goes with it unless the line says otherwise. */
  readonly usual?: Omit<CommonInput, 'material'>
}

/** Phrases that say the same, in the notation of the call's rules, and what they say; null where the numbers make no sense. */
export interface Saying {
  readonly phrases: readonly string[]
  readonly say: (slots: Slots) => Meaning | null
}

/** How one field of a recipe is written: its value, and what is said where it is not usual. */
export interface Phrase<R = CommonRecipe> {
  readonly of: (recipe: R) => unknown
  readonly say: (recipe: R) => string
  /** Its usual value follows from the other fields. */
  readonly follows?: true
}

/** Fields of one family in a change; the register vouches for them. */
export const saying = (phrases: readonly string[], change: object): Saying => {
  const meaning: Meaning = { change: change as Meaning['change'] }
  return { phrases, say: () => meaning }
}
