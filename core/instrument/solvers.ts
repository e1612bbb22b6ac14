import { ACCORDION_PERFORMER } from './accordion/solve'
import type { FamilySolver } from './family'
import { familyOf } from './find'
import { KEYS_PERFORMER } from './keys/solve'
import { MALLETS_PERFORMER } from './mallets/solve'
import type { Played, Recipe, Staged } from './recipe'

type Performers = {
  readonly [F in Staged as F['plays']]: FamilySolver<F['recipe'], Extract<Played, { plays: F['plays'] }>>
}

/** How each family plays: apart from the register, so that a page that only shows studies loads no solver. */
const PERFORMERS: Performers = {
  fingers: KEYS_PERFORMER,
  accordion: ACCORDION_PERFORMER,
  sticks: MALLETS_PERFORMER,
}

/** How a recipe's family plays. */
export const familySolverOf = (recipe: Recipe): FamilySolver<Recipe, Played> =>
  PERFORMERS[familyOf(recipe).plays] as FamilySolver<Recipe, Played>
