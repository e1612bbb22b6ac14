/**
 * Study: from a recipe to notes in time. The recipe and its defaults, the course that each hand takes over its
 * octaves, motion and distance of the hands, pins, the compass check, and the written rhythm.
 */
export { checkPattern } from './checkPattern'
export { checkCompass, compassOf } from './compass'
export { completeRecipe, usualOctave } from './complete'
export { usualNotesPerBeat } from './completeShape'
export { hasChords, type Leg, type Line, type LineNote, linesOf, type SectionAsks, stepsIn } from './course'
export { fitShape, type Shapes, shapesFor } from './fit'
export type { Finger, Hand, Stick } from './hand'
export { movedTo } from './moved'
export { mirrored, pathOf, type PathStep } from './path'
export { octaveOf } from './places'
export {
  BAR_RANGES,
  type BarSettings,
  fromLowest,
  HIGHEST_SHAPE,
  MALLET_IDS,
  type MalletId,
  type Mallets,
  MOST_STROKES,
  type Numbering,
  NUMBERINGS,
  REACH_RANGE,
  renumbered,
  type Roll,
  ROLL_ENDINGS,
  ROLL_STROKES,
  ROLLS,
  type Rudiment,
  RUDIMENT_ON,
  RUDIMENTS,
  STICKING_SCHOOLS,
  type StickingSchoolId,
  type StickingSettings,
  type StickPin,
  type Strike,
  STRIKES,
  strokesOf,
  TOPS,
} from './mallets'
export { rudimentSticks, strokesIn } from './rudiments'
export {
  type AnyPin,
  type DegreePin,
  type GripPin,
  isDegreePin,
  isGripPin,
  isNotePin,
  MOST_DEGREES,
  MOST_IN_GRIP,
  type NotePin,
  type Pin,
} from './pin'
export {
  ARTICULATIONS,
  type Articulation,
  type Chromatic,
  CHROMATICS,
  type Course,
  COURSES,
  CONTRARY_FROM,
  type ContraryFrom,
  type FingeringSettings,
  type FingerRecipe,
  FIRST_FINGERS,
  type FirstFinger,
  FORMAT,
  type FreePitches,
  HAND_SIZES,
  HANDS,
  type Hands,
  type HandsApart,
  handsOf,
  type HandSize,
  INSTRUMENTS,
  INTERVALS,
  isFree,
  isMallets,
  LEFT_ARPEGGIOS,
  type LeftArpeggio,
  type MalletRecipe,
  MOST_OCTAVES,
  MOST_PITCHES,
  type Motion,
  MOTIONS,
  NOTES_PER_BEAT,
  notesPerMinute,
  type Recipe,
  type RecipeInput,
  type SchoolId,
  SCHOOLS,
  type Tempo,
  TEMPO_RANGE,
} from './recipe'
export { heldBeats, type Rhythm, rhythmOf, type Stretch, type Value } from './rhythm'
export { notesWords, type Section, sectionsOf } from './sections'
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
