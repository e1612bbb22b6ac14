import { KINDS } from '../material'
import type { RealisedStudy } from '../realise'
import { isFree } from '../study'

/** A study with its title, as it goes into a file; words come from whoever writes it. */
export interface Piece {
  readonly title: string
  readonly study: RealisedStudy
}

/** What goes into one file: a study, or a set in its order. */
export interface Bundle {
  readonly title: string
  readonly pieces: readonly Piece[]
}

/** Whether a study stands in a minor key. */
export const isMinor = ({ recipe }: RealisedStudy): boolean =>
  !isFree(recipe.material) && KINDS[recipe.material.kind].mode === 'minor'
