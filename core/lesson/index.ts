/**
 * Lesson: what a teacher and a pupil do from one lesson to the next. The timetable and what became of each lesson, what
 * a lesson asks, the week that is set and what came of it, and what comes next where there is no exam. All of it follows
 * from what is written and from the record; docs/practice.md states the rules.
 */
export { type AskedBecause, type LessonItem, lessonItems } from './asks'
export { atOnce, courseKeyOf, isKnown, isThrough, type KnownKey, nextOfCourse, playedIn } from './levels'
export { DEFAULT_LESSON, MAX_LEVEL, type PupilLine, readPupilLine } from './pupilLine'
export {
  type Lesson,
  LESSON_STATUSES,
  lessonAfter,
  lessonBefore,
  lessonOn,
  techniqueMinutes,
  type LessonSlot,
  type LessonStatus,
  type WrittenLesson,
} from './timetable'
export {
  BECAUSE,
  type Because,
  type Box,
  boxesOf,
  type Planned,
  proposedLines,
  tempoSet,
  type Week,
  type WeekLine,
} from './week'
