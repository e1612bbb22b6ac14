/**
 * Line: what a hand plays without stopping. A motif, moved by a sequence through a leg, joined by links to the next key.
 * Figures, walks and journeys that have names are rows of tables here; nothing else knows them by name.
 */
export { type Figure, FIGURE_ROWS, figureRow, FIGURES, figuresOf } from './figures'
export {
  canTravel,
  completeJourney,
  courseOfKeys,
  type Journey,
  JOURNEY_ROWS,
  type JourneyName,
  journeyRow,
  JOURNEYS,
  journeysOf,
  type KeyCourse,
  type KeyList,
  LEG_WAYS,
  type LegWay,
  MAX_KEYS,
  usualLink,
} from './journeys'
export { KEY_STEP_IDS, KEY_STEPS, type KeyPlace, type KeyStep, keyStepsFor, semitonesOf, stepRow } from './keys'
export { type KeyNote, linkNotes } from './link'
export { LINK_CALLS, type LinkId, LINKS } from './links'
export { type Cell, cellsOf, completeMotif, type Motif, MOTIF_RANGE, type MotifItem, motifText } from './motif'
export type { Line, LineNote } from './notes'
export { type Leg, LEGS, mirrored, momentsIn, pathOf, type PathStep } from './phrase'
export {
  completeSequence,
  type Direction,
  DIRECTIONS,
  isPlainSequence,
  MAX_STEP,
  PLAIN_SEQUENCE,
  type Return,
  RETURNS,
  type Sequence,
} from './sequence'
export { type Walk, WALK_ROWS, walkRow, WALKS, walksOf } from './walks'
