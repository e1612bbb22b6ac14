import type { NamedMaterial } from '../material'
import type { Message } from '../message'
import type { LinkId } from './line'
import type { CommonRecipe } from './recipe'

/** A stretch of a study with one key, one course and one rhythm; a study without journey, ladder or bookends has one. */
export interface Section {
  /** A recipe of this section alone, without pins. */
  readonly recipe: CommonRecipe
  /** What tells it from the others: a key, a rhythm, a bookend; nothing where there is only one. */
  readonly label: readonly Message[]
  /** The hand goes on from the section before, without being set down anew. */
  readonly joins?: boolean
  /** What leads from it to the section after. */
  readonly link?: LinkId
  /** The key whose fingers it keeps, where that is not its own. */
  readonly fingeredAs?: NamedMaterial
  /** Bars of rest after it, unless it is the last. */
  readonly rests?: number
}
