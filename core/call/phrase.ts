import type { Recipe } from '../study'

/** A field, and how it is said. */
export interface Phrase<R = Recipe> {
  readonly of: (recipe: R) => unknown
  readonly say: (recipe: R) => string
  /** Its default follows from what stands before it in the line. */
  readonly follows?: true
}
