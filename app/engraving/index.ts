/** Engraving on a page: notes drawn into an element, with the face from our own bundle. */
export {
  type Engraved,
  type FingerSpot,
  layoutOf,
  markedStretch,
  namesIn,
  type Shown,
  type StaffPlan,
  type System,
} from '#engraving'
export { engravingReady } from './fonts'
export { drawSystem } from './onPage'
