import { type ListContext, parseRequirement } from '#core/call'
import {
  completeEntry,
  type Entry,
  type Grade,
  GRADE_DEFAULTS,
  type Group,
  GROUP_DEFAULTS,
  type Syllabus,
} from '#core/syllabus'
import { t, formatMessage } from '~/composables/words'

/** Where something stands in a list, counted from 0. */
export interface At {
  readonly grade: number
  readonly group: number
  readonly entry: number
}

const replaced = <T>(items: readonly T[], at: number, ...by: readonly T[]): T[] => items.toSpliced(at, 1, ...by)

export const withGrade = (syllabus: Syllabus, at: number, ...by: readonly Grade[]): Syllabus => ({
  ...syllabus,
  grades: replaced(syllabus.grades, at, ...by),
})

export function withGroup(syllabus: Syllabus, { grade, group }: Omit<At, 'entry'>, ...by: readonly Group[]): Syllabus {
  const own = syllabus.grades[grade]!
  return withGrade(syllabus, grade, { ...own, groups: replaced(own.groups, group, ...by) })
}

export function withEntries(syllabus: Syllabus, at: Omit<At, 'entry'>, entries: readonly Entry[]): Syllabus {
  return withGroup(syllabus, at, { ...syllabus.grades[at.grade]!.groups[at.group]!, entries })
}

const idsIn = (grade: Grade): Set<string> => new Set(grade.groups.flatMap((group) => group.entries.map(({ id }) => id)))

/** An id that the grade does not hold yet: the grade's, the group's, a number. */
function freshId(grade: Grade, group: Group, taken: Set<string>): string {
  for (let count = group.entries.length + 1; ; count++) {
    const id = `${grade.id}.${group.id}${count}`
    if (!taken.has(id)) return id
  }
}

/** What a list says of a line beside its words: the entry above, the group's title, who plays. */
export function contextOf(syllabus: Syllabus, { grade, group, entry }: At): ListContext {
  const { groups } = syllabus.grades[grade]!
  const own = groups[group]!
  const before = own.entries[entry - 1] ?? groups[group - 1]?.entries.at(-1)
  return { previous: before?.id ?? null, title: own.title, instrument: syllabus.instrument }
}

/**
 * Reads a line into entries; what is not understood stands as an open question.
 * @param instead whether it stands in the place of the entry there, and takes its id
 */
export function typedEntries(syllabus: Syllabus, { grade, group, entry }: At, line: string, instead: boolean): Entry[] {
  const own = syllabus.grades[grade]!
  const { entries: all } = own.groups[group]!
  const read = parseRequirement(line, contextOf(syllabus, { grade, group, entry }))
  const taken = idsIn(own)
  const old = instead ? all[entry] : undefined
  return read.entries.map((each, at) => {
    const id = at === 0 && old ? old.id : freshId(own, own.groups[group]!, taken)
    taken.add(id)
    const lost = read.problems.map((problem) => t('syllabi.edits.not-read', { what: formatMessage(problem) }))
    return completeEntry({ ...each, id, reading: old?.reading ?? '', open: [...(each.open ?? []), ...lost] })
  })
}

/** The next letter that no group of a grade has. */
function freshGroup(grade: Grade): Group {
  const taken = new Set(grade.groups.map(({ id }) => id))
  const id = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((letter) => !taken.has(letter)) ?? `G${grade.groups.length + 1}`
  return { ...GROUP_DEFAULTS, id, title: t('syllabi.edits.new-group'), entries: [] }
}

// a printed line, in the language that the grammar of lists reads
// eslint-disable-next-line no-restricted-syntax
const FIRST_LINE = 'C major, hands together, one octave, crotchet = 60 in quavers'

/** A line to be typed over. */
export const firstEntry = () => parseRequirement(FIRST_LINE).entries[0]!

/** A group with one line to be typed over. */
export function addGroup(syllabus: Syllabus, at: number): Syllabus {
  const grade = syllabus.grades[at]!
  const group = freshGroup(grade)
  const entry = completeEntry({ ...firstEntry(), id: freshId(grade, group, idsIn(grade)) })
  return withGrade(syllabus, at, { ...grade, groups: [...grade.groups, { ...group, entries: [entry] }] })
}

/** The number after a grade's own: Initial, 1, 2 …; as id and in the title. */
function following(syllabus: Syllabus, grade: Grade): { id: string; title: string } {
  const taken = new Set(syllabus.grades.map(({ id }) => id))
  const from = Number(/\d+/.exec(grade.title)?.[0] ?? 0)
  const word = /^(\D*?)\s*\d+/.exec(grade.title)?.[1] ?? 'Grade'
  for (let number = from + 1; ; number++) {
    if (!taken.has(String(number))) return { id: String(number), title: `${word} ${number}` }
  }
}

/** A grade as the base of the next: all its groups and entries under ids of their own. */
export function copyGrade(syllabus: Syllabus, at: number): Syllabus {
  const grade = syllabus.grades[at]!
  const { id, title } = following(syllabus, grade)
  const names = new Map<string, string>()
  grade.groups.forEach((group) =>
    group.entries.forEach((entry, place) => names.set(entry.id, `${id}.${group.id}${place + 1}`)),
  )
  const groups = grade.groups.map((group) => ({
    ...group,
    entries: group.entries.map((entry) => ({
      ...entry,
      id: names.get(entry.id)!,
      keys: 'as' in entry.keys ? { as: names.get(entry.keys.as) ?? entry.keys.as } : entry.keys,
    })),
  }))
  return {
    ...syllabus,
    grades: syllabus.grades.toSpliced(at + 1, 0, { ...GRADE_DEFAULTS, ...grade, id, title, groups }),
  }
}
