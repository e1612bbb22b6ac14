import { joined } from '#core/message'
import type { AtomReport, EntryReport, GradeReport, Status } from '#core/syllabus'
import { formatMessage, formatItems } from '~/composables/words'

/** Atoms of an entry that stand together on the page: one line of status. */
export interface EntryLine {
  readonly status: Status
  readonly words: string
  readonly atoms: readonly AtomReport[]
}
interface ReportedEntry extends EntryReport {
  readonly lines: readonly EntryLine[]
}
interface ReportedGroup {
  readonly id: string
  readonly title: string
  readonly covered: number
  readonly required: number
  readonly entries: readonly ReportedEntry[]
}

const list = (words: readonly string[]): string => formatMessage(joined(words, 'and'))

/** How many words some texts begin with, or end with, in common; one is left to each. */
function shared(
  texts: readonly (readonly string[])[],
  at: (text: readonly string[], place: number) => string | undefined,
) {
  const most = Math.min(...texts.map((text) => text.length)) - 1
  let count = 0
  while (count < most && texts.every((text) => at(text, count) === at(texts[0]!, count))) count++
  return count
}

/** “D♭ and F♯ major”: what names begin and end with in common is said once. */
function joinedNames(names: readonly string[]): string {
  const texts = [...new Set(names)].map((name) => name.split(' '))
  if (texts.length < 2) return texts.map((text) => text.join(' ')).join('')
  const before = shared(texts, (text, place) => text[place])
  const rests = texts.map((text) => text.slice(before))
  const after = shared(rests, (text, place) => text.at(-1 - place))
  const own = rests.map((text) => text.slice(0, text.length - after).join(' '))
  return [...texts[0]!.slice(0, before), list(own), ...rests[0]!.slice(rests[0]!.length - after)].join(' ')
}

/** Some of an entry's atoms in a line: their names, and what they do not have in common with the rest of the entry. */
function lineWords(some: readonly AtomReport[], all: readonly AtomReport[]): string {
  const parts = all.map(({ words }) => formatItems(words))
  const common = parts[0]!.filter((part, at) => at > 0 && parts.every((other) => other.includes(part)))
  const split = some.map(({ words }) => {
    const [name, ...rest] = formatItems(words)
    return { name: name!, rest: rest.filter((part) => !common.includes(part)).join(', ') }
  })
  const names = [...new Set(split.map(({ name }) => name))]
  const rests = [...new Set(split.map(({ rest }) => rest))]
  // every name with every rest: both are said once, unless the rest of one is nothing
  const every = names.length * rests.length === split.length && (rests.length === 1 || !rests.includes(''))
  if (every) return [joinedNames(names), list(rests)].filter(Boolean).join(', ')
  return rests
    .map((rest) =>
      [joinedNames(split.filter((each) => each.rest === rest).map(({ name }) => name)), rest]
        .filter(Boolean)
        .join(', '),
    )
    .join('; ')
}

/** Covered atoms share a line, so do the missing; each near one has its own, since each has its own mend. */
function linesOf(atoms: readonly AtomReport[]): EntryLine[] {
  const line = (some: readonly AtomReport[]): EntryLine => ({
    status: some[0]!.status,
    words: lineWords(some, atoms),
    atoms: some,
  })
  const of = (status: Status) => atoms.filter((atom) => atom.status === status)
  return [
    ...[of('covered')].filter((some) => some.length > 0).map(line),
    ...of('near').map((atom) => line([atom])),
    ...[of('missing'), of('not-needed')].filter((some) => some.length > 0).map(line),
  ]
}

/** A report as the page sets it: groups, entries, lines. */
export function reportedGroups(report: GradeReport): ReportedGroup[] {
  return report.groups.map(({ id, title, covered, required }) => ({
    ...{ id, title, covered, required },
    entries: report.entries
      .filter((entry) => entry.group === id)
      .map((entry) => ({ ...entry, lines: linesOf(report.atoms.filter((atom) => atom.entry === entry.id)) })),
  }))
}
