/**
 * Engraving: a realised study as printed music, on a screen and on paper. Layout is pure; notes are drawn with VexFlow
 * into whatever context they are given, once the face that they are drawn in can be measured.
 */
export { type Engraved, engraveSystem, type FingerSpot, type Ink, type Shown } from './draw'
export { emptyStaff } from './empty'
export { layoutOf, NARROWEST_STEP, type StaffPlan, type System } from './layout'
export { namesIn } from './names'
export { markedStretch } from './stretch'
