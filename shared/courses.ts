import { parseRequirement } from '#core/call'
import { completeEntry, GRADE_DEFAULTS, GROUP_DEFAULTS, type Syllabus, SYLLABUS_FORMAT } from '#core/syllabus'
import lines from './courses.json'
import { syllabusOf } from './schemas'

/**
 * A course for each list of instruments, for pupils without an exam: level by level which keys, in which form, how long
 * and how fast, in the order in which they are learnt. Ours, as a beginning: a teacher copies it and changes it.
 */
const LINES: Readonly<Record<string, readonly (readonly string[])[]>> = lines

const made = new Map<string, Syllabus>()

/** Lists of instruments that have a course. */
export const COURSE_LISTS: readonly string[] = Object.keys(LINES)

/**
 * The course that comes with the program, as a list whose grades are its levels.
 * @param list the instruments that it is for, as lists name them
 * @param called its title, and that of a level
 */
export function courseFor(list: string, called: { title: string; level: (level: number) => string }): Syllabus | null {
  const levels = LINES[list]
  if (!levels) return null
  const key = `${list} ${called.title} ${called.level(1)}`
  const known = made.get(key)
  if (known) return known
  const grades = levels.map((lines, at) => {
    let count = 0
    const entries = lines.flatMap((line) =>
      parseRequirement(line, { instrument: list }).entries.map((entry) =>
        completeEntry({ ...entry, id: `${at + 1}.${++count}` }),
      ),
    )
    const group = { ...GROUP_DEFAULTS, id: 'A', title: called.level(at + 1), entries }
    return { ...GRADE_DEFAULTS, id: String(at + 1), title: called.level(at + 1), groups: [group] }
  })
  const course = syllabusOf({
    ...{ format: SYLLABUS_FORMAT, id: `course-${list}`, title: called.title, board: '-', instrument: list },
    ...{ edition: '', purpose: 'course', grades },
  })
  made.set(key, course)
  return course
}
