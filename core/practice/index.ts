/**
 * Practice: what was played, what will be, and whether it will do. Entries of the record and the states that follow
 * from them; the route through a study; the plan to an exam, day by day; the chance that a draw asks nothing that would
 * go wrong. All of it is worked out anew from the record whenever it is asked. docs/practice.md states the model.
 */
export { checkAim, checkRecord, preparationFor, targetsFor, type WrittenAim, type WrittenPreparation } from './aim'
export { practiceDays, turnsOf } from './calendar'
export { type Change, changeBy } from './change'
export { type Date, dateOf, dayOf, type Weekday, weekdayOf, WEEKDAYS, weekOf } from './days'
export { type Entry, studyKeyOf, type Occasion, OCCASIONS, currentEntries, type Where } from './entry'
export { canBeTested, MIN_SITTING } from './course'
export { type Examined, examDraw } from './draw'
export { type Help, type LeavingOut, wouldHelp } from './help'
export { changeMessage, helpMessage, type PracticeErrors, type PracticeMessages } from './messages'
export { type GradeInstead, gradesBelow } from './lower'
export { outcomeOf } from './marked'
export { type Outcome, OUTCOMES } from './memory'
export { EVEN, type Outlook, type Raise } from './outlook'
export {
  type Correction,
  correctionBy,
  forecastFor,
  type KeptBin,
  keptBins,
  NO_CORRECTION,
  type Told,
  toldFrom,
} from './forecast'
export type { PlanItem, PlannedDay } from './plan'
export { practisedBeside } from './practised'
export { planned, prepare, type Preparation, type Prepared, practiceStatesToday, type WhoPlays } from './practise'
export { dayMeant } from './spokenDay'
export { readSpokenLine, type SpokenEntry } from './spokenLine'
export {
  dueAfter,
  recallOn,
  SEEN_WITHIN,
  type PracticeState,
  practiceStateOn,
  PRACTICE_STATES,
  statesOf,
  type StudyState,
  tempoNow,
  type Trouble,
} from './state'
export { isAbout, ladderOf, type Target, targetOf } from './target'
