/**
 * Syllabus: what examiners ask. A printed list as data, its expansion to atoms, and the optimal assignment of a set's
 * studies to them: covered, near (and what would mend it), missing, not asked for. What follows from a grading: the
 * set that a grade comes to, where a study is asked, mock exams and the chance to pass one unsurprised.
 */
export type { SyllabusErrors, SyllabusMessages } from './messages'
export { type Settings } from './asRecipe'
export { type SyllabusMatch, matchesIn } from './matches'
export { checkSyllabus, syllabusFaults } from './check'
export { type Coverage, coverageOf, nextToPractise } from './coverage'
export {
  completeEntry,
  ENTRY_DEFAULTS,
  type EntryInput,
  GRADE_DEFAULTS,
  GROUP_DEFAULTS,
  leanSyllabus,
  SYLLABUS_DEFAULTS,
  TEMPO_DEFAULTS,
  DEFAULT_MARKING,
} from './defaults'
export { compareSyllabi, type GradeDifference, type Move, moveBetween } from './difference'
export { drawExam, type DrawnItem } from './draw'
export { fullGrade, atomsOf, expand } from './expand'
export { type Choices, type OpenChoice, openChoices, recipesForMissing } from './fill'
export {
  type AtomReport,
  type EntryReport,
  gradeOf,
  type GradeReport,
  gradeSet,
  type Placement,
  placeSet,
  type Status,
} from './grade'
export { type ItemMarks, resultOf } from './marks'
export { type Policies, DEFAULT_POLICIES } from './match'
export type { Mend } from './mend'
export type { Program, Solution, Solver } from './program'
export { type Gap, type Means, OWN_MEANS } from './weighing'
export {
  type Atom,
  BEATS,
  BUNDLES,
  type Chooser,
  CHOOSERS,
  type Entry,
  ENTRY_HANDS,
  type Grade,
  type Group,
  LEADS,
  type Marking,
  RESOLUTIONS,
  saysHands,
  SCOPES,
  SEVENTHS,
  type Syllabus,
  SYLLABUS_FORMAT,
  SYLLABUS_INSTRUMENTS,
  type SyllabusInstrument,
  TEMPO_KINDS,
} from './model'
export { type Order, ORDERS, practiceOrder } from './order'
export { chanceOf } from './chance'
export { drawOf, type ExamDraw, openDraw } from './drawn'
