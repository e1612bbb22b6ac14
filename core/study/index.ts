/**
 * Study: from a recipe to notes in time. The recipe and its defaults, the course that each hand takes over its
 * octaves, motion and distance of the hands, pins, the compass check, and the written rhythm.
 */
export { checkPattern, patternNamed } from './checkPattern'
export { checkCompass, compassOf } from './compass'
export { oneOf, whole } from './checks'
export { type Common, completeCommon, usualOctave } from './complete'
export { usualNotesPerBeat } from './completeShape'
export { hasChords, type Leg, type Line, type LineNote, linesOf, type SectionAsks, stepsIn } from './course'
export { BARE_SHAPES, fittedTo } from './fit'
export type { Finger, Hand, Stick } from './hand'
export { notesTold, refuseStudy, type StudyErrors, type StudyMessages, tellStudy } from './messages'
export { partOf } from './part'
export { mirrored, pathOf, type PathStep } from './path'
export { octaveOf, type Place, type Step } from './places'
export {
  type PlacedMark,
  isDegreePin,
  isGripPin,
  isNotePin,
  MOST_DEGREES,
  MOST_IN_GRIP,
  MOST_NOTES,
  type PlacedAtNote,
  type PlacedOnDegree,
  type PlacedOverRun,
} from './pin'
export {
  ARTICULATIONS,
  type Articulation,
  type CommonInput,
  type CommonRecipe,
  type Course,
  COURSES,
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
  type MaterialInput,
  MOST_OCTAVES,
  MOST_PITCHES,
  type Motion,
  MOTIONS,
  NOTES_PER_BEAT,
  notesPerMinute,
  type Tempo,
  TEMPO_RANGE,
} from './recipe'
export { heldBeats, type Rhythm, rhythmOf, type Stretch, type Value } from './rhythm'
export { type Section, sectionsOf } from './sections'
export {
  ACCENTS,
  type Accompaniment,
  ACCOMPANIMENTS,
  accompaniesScale,
  AFTER,
  BEFORE,
  type Bookends,
  type Figure,
  FIGURES,
  figuresFor,
  type Journey,
  JOURNEYS,
  journeysFor,
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
  takesBookends,
  type Walk,
  WALKS,
  walksFor,
} from './shape'
export { type Rung, type Shapes, type Ways } from './ways'
