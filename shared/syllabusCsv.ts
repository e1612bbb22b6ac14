import Papa from 'papaparse'
import { parseRequirement } from '#core/call'
import { listed, type Message } from '#core/message'
import { errorMessage } from '#words'
import { type Entry, type EntryInput, type Syllabus, SYLLABUS_FORMAT, syllabusFaults } from '#core/syllabus'
import { COLUMNS, fieldsOf, META, metaRows, rowOf } from './csvColumns'
import { findingOf, joined } from './fault'
import { refuse, problemMessage } from './messages'
import { slugOf } from './slug'
import { syllabusSchema } from './syllabusSchema'

/** What is wrong on one line of a file. */
interface LineProblem {
  /** From 1, as an editor counts; 0 for the file as a whole. */
  readonly line: number
  /** The column, or the field of the syllabus. */
  readonly field: string
  readonly message: Message
}

/** A line of the preview. */
interface PreviewRow {
  readonly line: number
  readonly grade: string
  readonly group: string
  readonly words: string
  /** How many entries it comes to; questions that it leaves open. */
  readonly entries: number
  readonly open: readonly string[]
}

export interface Preview {
  /** The whole, checked; null while something is wrong. */
  readonly syllabus: Syllabus | null
  readonly rows: readonly PreviewRow[]
  readonly problems: readonly LineProblem[]
}

/** Text of a file in UTF-8 or, with its mark, UTF-16. @throws DomainError `file.encoding` naming the line */
export function textOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    const before = new TextDecoder('utf-8').decode(bytes).split('\uFFFD')[0]!
    const line = before.split(/\r\n|\r|\n/).length
    throw refuse('file.encoding', { line }, `line ${line}`)
  }
}

type Row = Readonly<Record<string, string>>
interface Line {
  readonly line: number
  readonly cells: readonly string[]
}

/** What belongs to the whole list, or to a grade: spreadsheets leave a colon alone. */
const isMeta = ({ cells }: Line): boolean => cells[0]!.startsWith(':')

const columnOf = (cell: string): string => cell.trim().replaceAll('"', '').toLowerCase().replace(/[ -]/g, '_')
const isColumn = (cell: string): boolean => (COLUMNS as readonly string[]).includes(columnOf(cell))

/** What parts the cells: printed words are full of commas and semicolons, so the header tells. */
function delimiterOf(text: string): string {
  const header = text.split(/\r\n|\r|\n/).find((line) => line.trim() !== '' && !/^"?:/.test(line)) ?? ''
  const known = (delimiter: string): number => header.split(delimiter).filter(isColumn).length
  return [',', ';', '\t'].reduce((best, each) => (known(each) > known(best) ? each : best))
}

/** What a spreadsheet takes for a formula, or would if its guards were taken off: it goes out with one guard more. */
const FORMULA = /^'*[=+\-@\t\r]/
/** The guard of a formula. */
const GUARDED = /^'(?='*[=+\-@\t\r])/

/** So much is told that is wrong; a file with more of it is not read on. */
const MAX_PROBLEMS = 300

/** A list of more lines than this is no list that is printed. */
const MAX_LINES = 5000

/** Lines of a file with their numbers; blank ones left out. */
function linesOf(text: string): { lines: Line[]; problems: LineProblem[] } {
  const clean = text.replace(/^\uFEFF/, '')
  const { data, errors } = Papa.parse<string[]>(clean, { delimiter: delimiterOf(clean) })
  const problems = errors
    .filter(({ code }) => code !== 'UndetectableDelimiter')
    .map(({ row, message }) => ({
      line: (row ?? 0) + 1,
      field: '',
      message: problemMessage('error.csv.cells', { why: message }),
    }))
  let line = 1
  const lines = data.map((cells) => {
    const own = { line, cells: cells.map((cell) => cell.trim().replace(GUARDED, '')) }
    // a quoted cell may run over several lines of the file
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\r\n|\r|\n/g)?.length ?? 0), 0)
    return own
  })
  return { lines: lines.filter(({ cells }) => cells.some((cell) => cell !== '')), problems }
}

type Meta = Record<string, unknown>
interface Draft {
  id: string
  title: string
  includes?: string
  draw?: number
  fileLine: number
  groups: {
    id: string
    title: string
    rule: unknown
    draw?: number
    fileLine: number
    entries: (object & { fileLine: number })[]
  }[]
}

/** A line that says what belongs to the whole list, or to a grade. */
function readMeta(cells: readonly string[], meta: Meta, drafts: Draft[], line: number): Message | null {
  const [name, ...values] = cells
  const reported = META[name!.toLowerCase()]
  if (!reported) return problemMessage('error.csv.meta', { name: name!, known: listed(Object.keys(META), 'comma') })
  reported(values, meta, (id) => draftOf(drafts, id, line))
  return null
}

function draftOf(drafts: Draft[], id: string, line: number): Draft {
  const found = drafts.find((draft) => draft.id === id)
  if (found) return found
  const fresh: Draft = { id, title: id, fileLine: line, groups: [] }
  drafts.push(fresh)
  return fresh
}

function groupIn(draft: Draft, row: Row, line: number): Draft['groups'][number] {
  const id = row.group || 'A'
  const found = draft.groups.find((group) => group.id === id)
  if (found) return found
  const any = row.any ? { any: Number(row.any.replace(',', '.')), ...(row.of ? { of: row.of } : {}) } : 'all'
  const draw = row.draw ? { draw: Number(row.draw.replace(',', '.')) } : {}
  const fresh = { id, title: row.group_title || id, rule: any, ...draw, fileLine: line, entries: [] }
  draft.groups.push(fresh)
  return fresh
}

interface Read {
  readonly entries: EntryInput[]
  readonly problems: LineProblem[]
}

/** A row's entries: what its columns say; what they do not, the printed words. */
function entriesOf(row: Row, line: number, id: string, previous: string | null): Read {
  const { fields, problems } = fieldsOf(row)
  const wrong = problems.map((problem) => ({ line, ...problem }))
  // with all of these in their columns nothing is left to read from the words
  const tempo = { ...fields.tempo }
  const whole =
    'keys' in fields && 'kinds' in fields && 'octaves' in fields && 'bpm' in tempo && 'notesPerBeat' in tempo
  if (whole) return { entries: [{ ...fields, id } as EntryInput], problems: wrong }
  const read = parseRequirement(row.words ?? '', { previous, ...(row.group_title ? { title: row.group_title } : {}) })
  wrong.push(...read.problems.map((message) => ({ line, field: 'words', message })))
  const entries = read.entries.map((entry, at) => ({
    ...entry,
    ...fields,
    open: 'open' in fields ? fields.open : (entry.open ?? []).filter((code) => !(code in fields)),
    tempo: { ...entry.tempo, ...fields.tempo },
    id: read.entries.length > 1 ? `${id}${String.fromCharCode(97 + at)}` : id,
  }))
  return { entries: entries as EntryInput[], problems: wrong }
}

/** Where in the file a place of the syllabus stands. */
function lineAt(drafts: readonly Draft[], path: readonly (string | number)[]): number {
  const [, grade, , group, , entry] = path
  const draft = path[0] === 'grades' && typeof grade === 'number' ? drafts[grade] : undefined
  const own = typeof group === 'number' ? draft?.groups[group] : undefined
  const row = typeof entry === 'number' ? own?.entries[entry] : undefined
  return row?.fileLine ?? own?.fileLine ?? draft?.fileLine ?? 0
}

const partsOf = (path: string): (string | number)[] =>
  (path.match(/[^.[\]]+/g) ?? []).map((part) => (/^\d+$/.test(part) ? Number(part) : part))

const fieldAt = (path: readonly (string | number)[]): string => {
  const field = path[0] === 'grades' && path[4] === 'entries' ? path.slice(6) : path
  return joined(field)
}

/** The whole checked; every fault by its line. */
function checkedWhole(value: object, drafts: readonly Draft[]): { syllabus: Syllabus | null; problems: LineProblem[] } {
  const bare = JSON.parse(
    JSON.stringify(value, (key, own: unknown) => (key === 'fileLine' ? undefined : own)),
  ) as object
  const { value: syllabus, error } = syllabusSchema.validate(bare, {
    abortEarly: false,
    convert: true,
    errors: { label: 'key', wrap: { label: false } },
  })
  const reported = (path: (string | number)[], message: Message) => ({
    line: lineAt(drafts, path),
    field: fieldAt(path),
    message,
  })
  if (error) {
    const problems = error.details.map((found) => reported([...found.path], findingOf(found, fieldAt(found.path))))
    return { syllabus: null, problems }
  }
  const faults = syllabusFaults(syllabus).map((fault) => reported(partsOf(fault.path), errorMessage(fault)))
  return { syllabus: faults.length > 0 ? null : syllabus, problems: faults }
}

function headOf(lines: readonly Line[]): { header: string[]; problems: LineProblem[] } {
  const first = lines.find((line) => !isMeta(line))
  const header = (first?.cells ?? []).map(columnOf)
  if (!header.includes('words') && !(header.includes('keys') && header.includes('kinds'))) {
    return {
      header,
      problems: [{ line: first?.line ?? 1, field: 'header', message: problemMessage('error.csv.header') }],
    }
  }
  const unknown = header.filter((name) => name !== '' && !(COLUMNS as readonly string[]).includes(name))
  return {
    header,
    problems: unknown.map((name) => ({
      line: first!.line,
      field: name,
      message: problemMessage('error.csv.column', { name, known: listed(COLUMNS, 'comma') }),
    })),
  }
}

interface Gathered {
  readonly meta: Meta
  readonly drafts: Draft[]
  readonly rows: PreviewRow[]
  readonly problems: LineProblem[]
}

/** Reads a row into its grade and group; returns the id of its last entry. */
function readRow(gathered: Gathered, header: readonly string[], { line, cells }: Line, previous: string | null) {
  const row: Row = Object.fromEntries(header.map((name, at) => [name, cells[at] ?? '']))
  const draft = draftOf(gathered.drafts, row.grade || '1', line)
  if (row.grade_title) draft.title = row.grade_title
  const group = groupIn(draft, row, line)
  const id = row.id || `${draft.id}.${group.id}${group.entries.length + 1}`
  const { entries, problems } = entriesOf(row, line, id, previous)
  gathered.problems.push(...problems)
  for (const entry of entries) group.entries.push({ ...entry, fileLine: line })
  gathered.rows.push({
    ...{ line, grade: draft.title, group: group.id, words: row.words ?? '', entries: entries.length },
    open: [...new Set(entries.flatMap((entry) => entry.open ?? []))],
  })
  return entries.at(-1)?.id ?? previous
}

/** Told now and then how many lines of how many have been read. */
export type ReadSoFar = (read: number, of: number) => void
/** So many lines are read between two tellings. */
const TOLD_EVERY = 40

function readAll(lines: readonly Line[], header: readonly string[], reported: ReadSoFar): Gathered {
  const gathered: Gathered = { meta: {}, drafts: [], rows: [], problems: [] }
  let previous: string | null = null
  let headSeen = false
  for (const [at, each] of lines.entries()) {
    const { line, cells } = each
    if (at % TOLD_EVERY === 0) reported(at, lines.length)
    if (gathered.problems.length >= MAX_PROBLEMS) {
      gathered.problems.length = MAX_PROBLEMS
      gathered.problems.push({ line, field: '', message: problemMessage('error.csv.problems', { most: MAX_PROBLEMS }) })
      break
    }
    if (isMeta(each)) {
      const message = readMeta(cells, gathered.meta, gathered.drafts, line)
      if (message) gathered.problems.push({ line, field: cells[0]!, message })
    } else if (headSeen) previous = readRow(gathered, header, each, previous)
    else headSeen = true
  }
  return gathered
}

/** What holds for the whole where the file does not say. */
export interface UsualHead {
  readonly title?: string
  readonly board?: string
  readonly instrument?: string
}

function wholeOf({ meta, drafts }: Gathered, usual: UsualHead): object {
  const title = String(meta.title ?? (usual.title || 'A list'))
  return {
    ...{ format: SYLLABUS_FORMAT, id: slugOf(title) || 'list', title, board: usual.board || title },
    ...(usual.instrument ? { instrument: usual.instrument } : {}),
    ...meta,
    grades: drafts,
  }
}

/**
 * A syllabus from a CSV file, with everything that is wrong by line and field; nothing is stored here. A row is an
 * entry; with words alone it is read from them. Semicolons, tabs, byte order marks and decimal commas are taken.
 */
export function previewCsv(text: string, usual: UsualHead = {}, soFar: ReadSoFar = () => undefined): Preview {
  const { lines, problems } = linesOf(text)
  const head = headOf(lines)
  const headless = head.problems.some(({ field }) => field === 'header')
  if (headless) return { syllabus: null, rows: [], problems: head.problems }
  if (lines.length > MAX_LINES) {
    const message = problemMessage('error.csv.lines', { count: lines.length, most: MAX_LINES })
    return { syllabus: null, rows: [], problems: [{ line: lines[MAX_LINES]!.line, field: '', message }] }
  }
  const gathered = readAll(lines, head.header, soFar)
  const { rows } = gathered
  const reported = [...problems, ...head.problems, ...gathered.problems]
  // what could not be read has been told by its own line: the rest is checked once everything is read
  if (rows.some(({ entries }) => entries === 0)) return { syllabus: null, rows, problems: reported }
  const { syllabus, problems: found } = checkedWhole(wholeOf(gathered, usual), gathered.drafts)
  const all = [...reported, ...found]
  return { syllabus: all.length > 0 ? null : syllabus, rows, problems: all }
}

/** A syllabus as a CSV file that reads back as the same syllabus. */
export function writeCsv(syllabus: Syllabus): string {
  const rows = syllabus.grades.flatMap((grade) =>
    grade.groups.flatMap((group) => group.entries.map((entry: Entry) => rowOf(grade, group, entry))),
  )
  const used = COLUMNS.filter((column) => column === 'words' || rows.some((row) => (row[column] ?? '') !== ''))
  return Papa.unparse(
    [...metaRows(syllabus), [...used], ...rows.map((row) => used.map((column) => row[column] ?? ''))],
    // a spreadsheet takes a cell that begins so for a formula
    { newline: '\n', escapeFormulae: FORMULA },
  )
}
