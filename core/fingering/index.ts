/**
 * Fingering: fingers on keys. A school is data (weights, reaches, habits); the octave is solved as a ring, then the
 * line after it, around the teacher's pins; every choice is explained by the cost terms that decided it.
 */
export { type Alternative } from './alternatives'
export { type Fingering, fingerLine } from './finger'
export { type StruckFingers } from './chords'
export {
  type FingeringErrors,
  type FingeringMessages,
  type PinnedLine,
  fingeringError,
  fingeringMessage,
} from './messages'
export { noteParam, PRICE_SCALE, priceMessage } from './words'
export { type HandStep, stepsOf } from './steps'
export { type KeyStretch, oneKey } from './keys'
export { type Crossing } from './places'
export { repeatedPins } from './repeats'
export type { Reason } from './reason'
export { runOf, runProblem, solveRun } from './run'
export { BEYOND, FINGERS, type School, TERMS } from './school'
export {
  ALL_SCHOOLS,
  CONSERVATORY,
  HAND_SCALE,
  type Make,
  type CostProfile,
  costProfileFor,
  SCHOOL_LIST,
} from './schools'
export { checkedPin, type GripPin, type Pin } from './pin'
export {
  CHROMATICS,
  completeFingering,
  type FingeredRecipe,
  type FingeringSettings,
  type FingerRecipe,
  FIRST_FINGERS,
  HAND_SIZES,
  type HandSize,
  LEFT_ARPEGGIOS,
  REPEATS,
  type SchoolId,
  SCHOOLS,
} from './settings'
