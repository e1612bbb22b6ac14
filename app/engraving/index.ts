/** Engraving: a realised study as printed music. Layout is pure; drawing needs a page and the engraving face. */
export { drawSystem, type Engraved, type FingerSpot, type Shown } from './draw'
export { engravingReady } from './fonts'
export { layoutOf, type StaffPlan, type System } from './layout'
export { markedStretch } from './stretch'
