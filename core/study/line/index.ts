/**
 * Line: what a hand plays without stopping. A motif, moved by a sequence through a leg, joined by links to the next key.
 * Figures, walks and journeys that have names are rows of tables here; nothing else knows them by name.
 */
export {
  allKeysBy,
  completeJourney,
  courseOfKeys,
  goes,
  type Journey,
  type KeyCourse,
  type KeyList,
  MAX_KEYS,
  usualLink,
  wayOf,
} from './journeys'
export { KEY_STEPS, type KeyPlace, keyStepsFor, semitonesOf } from './keys'
export { type KeyNote, linkNotes } from './link'
export { type Cell, cellsOf, completeMotif, type Motif, MOTIF_RANGE, type MotifItem, motifText } from './motif'
export { FIGURE_ROWS, figuresOf } from './named/figures'
export { JOURNEY_ROWS, KEY_STEP_CALLS } from './named/journeys'
export { LINK_CALLS } from './named/links'
export { WALK_ROWS, walksOf } from './named/walks'
export {
  type Accompaniment,
  ACCOMPANIMENTS,
  type Course,
  COURSES,
  type Figure,
  FIGURES,
  type JourneyName,
  JOURNEYS,
  KEY_STEP_IDS,
  type KeyStep,
  LEG_WAYS,
  type LegWay,
  type LinkId,
  LINKS,
  type Walk,
  WALKS,
} from './names'
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
