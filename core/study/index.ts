/**
 * Study: from a recipe to notes in time. The recipe and its defaults, the course that each hand takes over its
 * octaves, motion and distance of the hands, pins, the compass check, and the written rhythm.
 */
export { ACCOMPANIMENT_ROWS, accompaniment, accompanimentsFor } from './accompany'
export {
  CHORD_LABELS,
  type ChordLabels,
  chordsTyped,
  completeChords,
  MAX_CHORDS,
  USUAL_CADENCE,
  VOICINGS,
  type Voicing,
} from './cadence'
export { checkPattern, patternNamed } from './checkPattern'
export { checkCompass } from './compass'
export { oneOf, someOf, whole } from './checks'
export { type Common, completeCommon } from './complete'
export type { UsualStart } from './usualStart'
export { completePattern, usualNotesPerBeat } from './completeShape'
export { hasChords, linesOf, stepsIn } from './course'
export { BARE_SHAPES, fittedTo } from './fit'
export type { Finger, Hand, Stick } from './hand'
export { notesMessage, studyError, type StudyErrors, type StudyMessages, studyMessage } from './messages'
export { chromaticApart } from './apart'
export { partOf } from './part'
export {
  allKeysBy,
  cellsOf,
  completeMotif,
  courseOfKeys,
  type Accompaniment,
  ACCOMPANIMENTS,
  type Course,
  COURSES,
  type Direction,
  DIRECTIONS,
  type Figure,
  FIGURE_ROWS,
  FIGURES,
  type Journey,
  JOURNEY_ROWS,
  type JourneyName,
  goes,
  JOURNEYS,
  KEY_STEP_CALLS,
  KEY_STEP_IDS,
  type KeyCourse,
  type KeyList,
  type KeyStep,
  type Leg,
  LEG_WAYS,
  type LegWay,
  type Line,
  type LineNote,
  LINK_CALLS,
  type LinkId,
  LINKS,
  MAX_KEYS,
  MAX_STEP,
  mirrored,
  momentsIn,
  type Motif,
  MOTIF_RANGE,
  type MotifItem,
  motifText,
  pathOf,
  PLAIN_SEQUENCE,
  type Return,
  RETURNS,
  type Sequence,
  usualLink,
  type Walk,
  WALK_ROWS,
  WALKS,
} from './line'
export { octaveNotes, octaveOf, type Step } from './places'
export { type PlacedMark, isDegreePin, isGripPin, isNotePin, MAX_DEGREES, MAX_IN_GRIP, MAX_NOTES } from './pin'
export { ARTICULATIONS, type Articulation, type HandTouch } from './articulation'
export {
  type CommonInput,
  type CommonRecipe,
  CLEFS,
  type Clefs,
  CONTRARY_FROM,
  type ContraryFrom,
  FORMAT,
  type FreePitches,
  HANDS,
  type Hands,
  type HandsApart,
  handsOf,
  INTERVALS,
  isFree,
  MAX_OCTAVES,
  MAX_PITCHES,
  type Motion,
  MOTIONS,
} from './recipe'
export { NOTES_PER_BEAT, notesPerMinute, type Tempo, TEMPO_RANGE } from './pace'
export { heldBeats, type Meter, type Rhythm, rhythmOf, type Stretch, type Value, writtenOver } from './rhythm'
export type { Section } from './section'
export { sectionsOf } from './sections'
export {
  ACCENTS,
  AFTER,
  BEFORE,
  type Bookends,
  figuresFor,
  isPlainPattern,
  keyStepsIn,
  type Ladder,
  LADDERS,
  type Lengths,
  LENGTHS,
  NO_BOOKENDS,
  type Pattern,
  PLAIN_PATTERN,
  PLAIN_RHYTHM,
  type RhythmShape,
  SWING_RANGE,
  samePattern,
  takesBookends,
  takesMotif,
  walksFor,
} from './shape'
export { type Shapes, type LayoutRules } from './layoutRules'
export { degreeOver, motifTaken } from './taken'
export { touchedAlike, touchMessage, touchOf } from './touch'
