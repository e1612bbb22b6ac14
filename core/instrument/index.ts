/**
 * Instrument: the register. Each family of instruments once, with all that the rest of the program asks of it: its
 * compass, its settings and what goes with them, who plays and how it is worked out, explained, pinned, heard, written
 * and examined. Nothing outside this room and a family's own names an instrument.
 */
export type { PlayerRequirement, Miss, RequiredSticks, ShortField } from './requirement'
export {
  handsFor,
  type HandsChoice,
  handsIn as handsChosen,
  movesNotes,
  overlaid,
  withHands,
  withMaterial,
} from './changes'
export { altered, alters } from './altered'
export { completeRecipe } from './complete'
export type {
  AcceptedMarks,
  AlsoPinned,
  HeardNote,
  Instrument,
  Other,
  PlacedSign,
  ScoreSign,
  StrokeMark,
  SolvedLine,
  WrittenNote,
} from './family'
export {
  families,
  familyForList,
  instrumentForList,
  familyOf,
  INSTRUMENT_IDS,
  instrumentOf,
  INSTRUMENTS,
  LISTED,
  TAUGHT,
  taughtOf,
  DEFAULT_INSTRUMENT,
} from './find'
export type { Phrase } from './lexicon'
export { takesPart } from './accordion'
export { hasLead, type RealisedSticking } from './mallets'
export { type Manner, mannerOf, MANNERS, takesManner, withManner } from './mallets/strokes'
export { fitShape, movedTo, shapesFor } from './moved'
export { overWhole } from './nested'
export {
  narrowed,
  type PlayerSettings,
  playerSettingsOf,
  pupilPlayer,
  pupilWishes,
  studioPlayer,
  type TaughtHere,
} from './playerSettings'
export { INSTRUMENT_TASKS, type InstrumentTask, type TaskAnswer } from './tasks'
export { broughtUp } from './practised'
export { degreesOf, notesOver, type Part } from './parts'
export { familySolverOf } from './solvers'
export { type Place, PLACES, type Stage, type Template } from './route'
export type { AnyFamily, AnyPin, Player, Recipe, RecipeInput, Staged } from './recipe'
export { type InstrumentErrors, type InstrumentMessages, instrumentMessage } from './messages'
export { handsMessage } from './words'
