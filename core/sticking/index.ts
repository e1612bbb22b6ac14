/**
 * Sticking: two or four mallets on bars. A second cost model of the solver: schools rank hard crossings, doubles and
 * moves between the rows; rolls, rudiments and figures dictate their sticks; everything is explained.
 */
export { countOf, type Inversion, type StickCount } from './findings'
export {
  handOfMallet,
  LONG_FIGURES,
  type Permutation,
  permutations,
  type Span,
  STROKE_WORDS,
  strokeBetween,
  type StrokeType,
  strokeTypes,
  USUAL_FIGURES,
} from './fourMallets'
export { type Excursion, type KeyShape, keyShapeOf, mixedRowsOf, type Row, type RowMove, rowMovesOf } from './moves'
export { clearance, type Pair, pairOf, type Severity, severityOf } from './pairs'
export { countWords, type StickReason } from './reasons'
export { recommendedStrokes, ROLL_DOUBT, type RollPlan } from './rolls'
export { EFFORT, type StickingSchool, STICKING_SCHOOL_LIST, stickingSchoolOf } from './schools'
export type { StickAlternative, Sticking } from './result'
export { stickLine } from './stick'
export { stickProblem, stickTask } from './task'
