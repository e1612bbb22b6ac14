/**
 * Sticking: two or four mallets on bars. A second cost model of the solver: schools rank hard crossings, doubles and
 * moves between the rows; rolls, rudiments and figures dictate their sticks; everything is explained.
 */
export { LONG_FIGURES, permutations, strokeBetween, strokeTypes, DEFAULT_FIGURES } from './fourMallets'
export { type KeyShape, keyShapeOf } from './moves'
export { stickingError, type StickingErrors, type StickingMessages, stickingMessage } from './messages'
export type { Damped } from './damping'
export { clearance, pairOf, severityOf } from './pairs'
export type { StickAlternative, Sticking } from './result'
export { recommendedStrokes } from './rolls'
export { STICKING_SCHOOL_LIST } from './schools'
export { stickLine } from './stick'
export { stickProblem, stickTask } from './task'
export { checkMallets, completeSticking, strokesToBeat } from './complete'
export { checkedStickPin } from './checkedPin'
export type { StickPin } from './pin'
export { strokesIn } from './rudiments'
export {
  type Damping,
  DAMPINGS,
  DEAD_STROKES,
  HIGHEST_SHAPE,
  type MalletRecipe,
  type Mallets,
  NUMBERINGS,
  type Pedal,
  PEDALS,
  PLAIN_RING,
  REACH_RANGE,
  renumbered,
  type Ring,
  type Roll,
  ROLL_ENDINGS,
  ROLL_STROKES,
  ROLLS,
  type Rudiment,
  RUDIMENT_ON,
  RUDIMENTS,
  STICKING_SCHOOLS,
  type StickingInput,
  type StickingSchoolId,
  strokesOf,
  TOPS,
} from './settings'
export { struck } from './struck'
