import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'
import { parseRequirement } from '#core/call'
import { atomsOf, completeEntry } from '#core/syllabus'
import { questionMessage } from '#shared/reader'
import { answered, readSyllabus } from './files'
import { refuse } from './messages'
import { formatted, type Terminal, writeLine } from './terminal'

const questionOf = ({ words }: Terminal, code: string) => ({ code, text: questionMessage(code, words.reader.language) })

/** A list file, JSON or CSV: how many atoms each grade comes to, what its lines leave open, what was not read of them. */
function checked(terminal: Terminal, file: string | undefined): object {
  const read = readSyllabus(file, 'file')
  const entries = read.grades.flatMap(({ groups }) => groups.flatMap((group) => group.entries))
  return {
    syllabus: read.id,
    title: read.title,
    instrument: read.instrument,
    grades: read.grades.map((grade) => ({ id: grade.id, title: grade.title, atoms: atomsOf(read, grade).length })),
    open: entries.flatMap(({ id, open }) => open.map((code) => ({ entry: id, ...questionOf(terminal, code) }))),
    unread: entries.flatMap(({ id, words }) => parseRequirement(words).unread.map((text) => ({ entry: id, text }))),
  }
}

/** A printed line as entries, with what it leaves open and which of its words were not read. */
function lineRead(terminal: Terminal, words: string, title: string | undefined): object {
  const { entries, problems, unread } = parseRequirement(words, title ? { title } : {})
  const complete = entries.map((entry) => {
    const { id: _, ...fields } = completeEntry({ ...entry, id: '' })
    return fields
  })
  const codes = complete.flatMap(({ open }, entry) => open.map((code) => ({ entry, ...questionOf(terminal, code) })))
  const unreadProblems = problems
    .filter(({ code }) => code !== 'asked.lost')
    .map((problem) => ({ code: problem.code, text: problem }))
  return { words, entries: complete, open: [...codes, ...unreadProblems], unread }
}

const MAX_CHARACTERS = 2000

/** Printed lines on standard input, one JSON object a line; 1 where a line was not read whole. */
async function readLines(terminal: Terminal, title?: string): Promise<number> {
  let lost = false
  for await (const words of createInterface({ input: terminal.input, crlfDelay: Infinity })) {
    if (words.trim() === '') continue
    const result =
      words.length > MAX_CHARACTERS
        ? { words: words.slice(0, 80), entries: [], open: [], unread: [words.slice(80, 120)] }
        : lineRead(terminal, words, title)
    lost ||= (result as { unread: readonly string[] }).unread.length > 0
    await writeLine(terminal, formatted(terminal, result))
  }
  return lost ? 1 : 0
}

/** `check FILE` for a list file; `read [--title WORDS]` for printed lines. */
export async function syllabus([action, ...args]: readonly string[], terminal: Terminal): Promise<number> {
  if (action === 'read') {
    const { values } = parseArgs({ args: [...args], options: { title: { type: 'string' } } })
    return readLines(terminal, values.title)
  }
  return answered(terminal, () => {
    if (action !== 'check') throw refuse('option.action', {}, 'action')
    return checked(terminal, args[0])
  })
}
