/**
 * Sticking: two or four mallets on bars. A second cost model of the solver: schools rank hard crossings, doubles and
 * moves between the rows; rolls, rudiments and figures dictate their sticks; everything is explained.
 */
export { LONG_FIGURES, permutations, STROKE_WORDS, strokeBetween, strokeTypes, USUAL_FIGURES } from './fourMallets'
export { type KeyShape, keyShapeOf } from './moves'
export { clearance, pairOf, severityOf } from './pairs'
export type { StickAlternative, Sticking } from './result'
export { recommendedStrokes } from './rolls'
export { STICKING_SCHOOL_LIST, stickingSchoolOf } from './schools'
export { stickLine } from './stick'
export { stickProblem, stickTask } from './task'
