/**
 * Syllabus: what examiners ask. A printed list as data, its expansion to atoms, and the optimal assignment of a set's
 * studies to them: covered, near (and why), missing, not asked for.
 */
export { checkSyllabus } from './check'
export { expand } from './expand'
export {
  type AtomReport,
  gradeOf,
  type GradeReport,
  gradeSet,
  type GroupReport,
  type Placement,
  placeSet,
  recipesForMissing,
  type Status,
  type Totals,
} from './grade'
export {
  type Atom,
  BEATS,
  CHOOSERS,
  type Entry,
  ENTRY_HANDS,
  type Grade,
  type Group,
  type Syllabus,
  SYLLABUS_FORMAT,
} from './model'
