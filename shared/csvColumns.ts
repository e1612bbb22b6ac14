import isEqual from 'fast-deep-equal'
import type { Message } from '#core/message'
import { type Entry, ENTRY_DEFAULTS, type EntryInput, type Grade, type Group, type Syllabus } from '#core/syllabus'
import { problemMessage } from './messages'

/** Columns of a syllabus as CSV; the handbook says what each holds. */
export const COLUMNS = [
  ...['grade', 'grade_title', 'group', 'group_title', 'any', 'of', 'draw', 'id', 'words', 'reading', 'open', 'keys'],
  ...['except', 'pick', 'kinds', 'chooser', 'scope', 'inversions', 'seventh', 'hands', 'motion', 'contrary_from'],
  ...['interval', 'tonic_hand', 'octaves', 'course', 'top', 'articulations', 'touch_chooser', 'touch', 'beat', 'bpm'],
  ...[
    'notes_per_beat',
    'tempo_kind',
    'most',
    'figure',
    'walk',
    'line',
    'resolution',
    'lead',
    'rolled',
    'mallets',
    'sticks',
  ],
  ...['memory', 'bass', 'bellows', 'bellows_beats', 'bass_rows', 'treble', 'board', 'registers', 'conditions'],
] as const
type Row = Readonly<Record<string, string>>

const camel = (column: string): string => column.replace(/_(.)/g, (_, letter: string) => letter.toUpperCase())

/** A whole number as spreadsheets write it: `56`, `56,0`; anything else stays as it is, for the check to name. */
function whole(text: string): number | string {
  const number = Number(text.replace(',', '.'))
  return Number.isFinite(number) ? number : text
}
const list = (text: string): string[] => text.split(/[\s,;]+/).filter(Boolean)
const sentences = (text: string): string[] =>
  text
    .split('|')
    .map((each) => each.trim())
    .filter(Boolean)
const TRUTHS: Readonly<Record<string, boolean>> = {
  yes: true,
  true: true,
  '1': true,
  x: true,
  no: false,
  false: false,
  '0': false,
}

/** Keys: names; `3# 2b` for up to so many signs; `as A1` for another entry's. */
function keys(text: string): EntryInput['keys'] {
  const as = /^as\s+(.+)$/i.exec(text)
  if (as) return { as: as[1]!.trim() }
  const signs = /^(\d)#\s*(\d)b$/i.exec(text)
  if (signs) return { sharps: Number(signs[1]), flats: Number(signs[2]) }
  return list(text)
}

/** What is asked of a line, or of sticks, as the fields of a file have it; what is no such thing is named by the check. */
function line(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return text
  }
}

type Reader = (text: string) => unknown
const READERS: Readonly<Record<string, Reader>> = {
  keys,
  except: list,
  pick: (text) => (text === 'all' ? text : whole(text)),
  kinds: list,
  inversions: (text) => list(text).map(whole),
  octaves: whole,
  line,
  sticks: line,
  touch: line,
  articulations: list,
  mallets: whole,
  bellows_beats: whole,
  bass_rows: list,
  registers: list,
  open: sentences,
  conditions: sentences,
}
const FLAGS = ['rolled', 'memory']
const TEMPO = { beat: 'beat', bpm: 'bpm', notes_per_beat: 'notesPerBeat', tempo_kind: 'kind', most: 'most' } as const
const NOT_FIELDS = new Set(['grade', 'grade_title', 'group', 'group_title', 'any', 'of', 'draw', 'id'])

/** What the columns of a row say of an entry. */
export function fieldsOf(row: Row) {
  const fields: Record<string, unknown> & { tempo?: object } = {}
  const problems: { field: string; message: Message }[] = []
  for (const column of COLUMNS) {
    const text = row[column] ?? ''
    if (text === '' || NOT_FIELDS.has(column) || column in TEMPO) continue
    if (FLAGS.includes(column)) {
      const truth = TRUTHS[text.toLowerCase()]
      if (truth === undefined) problems.push({ field: column, message: problemMessage('error.csv.truth', { text }) })
      else fields[camel(column)] = truth
    } else fields[camel(column)] = READERS[column]?.(text) ?? text
  }
  const tempo = Object.entries(TEMPO).flatMap(([column, field]) => {
    const text = row[column] ?? ''
    return text === '' ? [] : [[field, ['beat', 'tempo_kind'].includes(column) ? text : whole(text)] as const]
  })
  if (tempo.length > 0) fields.tempo = Object.fromEntries(tempo)
  return { fields: fields as Partial<EntryInput>, problems }
}

type Meta = Record<string, unknown>
type DraftOf = (id: string) => { title: string; includes?: string; draw?: number }
const text = (name: string) => (values: readonly string[], meta: Meta) => {
  if (values[0]) meta[name] = values[0]
}
const marking = (meta: Meta) =>
  (meta.marking ??= { criteria: [], bands: [] }) as Record<string, unknown> & { criteria: object[]; bands: object[] }

/** Lines that begin with a colon. */
export const META: Readonly<Record<string, (values: readonly string[], meta: Meta, draft: DraftOf) => void>> = {
  ':id': text('id'),
  ':title': text('title'),
  ':board': text('board'),
  ':instrument': text('instrument'),
  ':edition': text('edition'),
  ':follows': text('follows'),
  ':total': ([total], meta) => void (marking(meta).total = whole(total ?? '')),
  ':criterion': ([id, title, most], meta) => void marking(meta).criteria.push({ id, title, most: whole(most ?? '') }),
  ':band': ([title, least], meta) => void marking(meta).bands.push({ title, least: whole(least ?? '') }),
  ':grade': ([id, title, includes, draw], _meta, draft) => {
    const grade = draft(id ?? '')
    if (title) grade.title = title
    if (includes) grade.includes = includes
    if (draw) grade.draw = whole(draw) as number
  },
}

/** What belongs to the whole, as lines that begin with a colon. */
export function metaRows({
  id,
  title,
  board,
  instrument,
  edition,
  follows,
  marking: marks,
  grades,
}: Syllabus): string[][] {
  return [
    [':id', id],
    [':title', title],
    [':board', board],
    [':instrument', instrument],
    ...(edition ? [[':edition', edition]] : []),
    ...(follows ? [[':follows', follows]] : []),
    ...(marks
      ? [
          [':total', String(marks.total)],
          ...marks.criteria.map((each) => [':criterion', each.id, each.title, String(each.most)]),
          ...marks.bands.map((band) => [':band', band.title, String(band.least)]),
        ]
      : []),
    ...grades.map((grade) => [
      ':grade',
      grade.id,
      grade.title,
      grade.includes ?? '',
      grade.draw === null ? '' : String(grade.draw),
    ]),
  ]
}

function cellOf(value: unknown): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) return value.join(' ')
  if (value === null || value === undefined) return ''
  return typeof value === 'object' ? JSON.stringify(value) : String(value)
}

function keysCell(own: Entry['keys']): string {
  if ('as' in own) return `as ${own.as}`
  return 'sharps' in own ? `${own.sharps}# ${own.flats}b` : own.join(' ')
}

/** A line of the file. Every column that matters is written, so that nothing is read from the words again. */
export function rowOf(grade: Grade, group: Group, entry: Entry): Record<string, string> {
  const message = Object.fromEntries(
    COLUMNS.filter((column) => !NOT_FIELDS.has(column) && !(column in TEMPO)).map((column) => {
      const field = camel(column) as keyof Entry
      const value = entry[field]
      const usual = ENTRY_DEFAULTS[field as keyof typeof ENTRY_DEFAULTS] as unknown
      return [column, isEqual(value, usual) ? '' : cellOf(value)]
    }),
  )
  const { beat, bpm, notesPerBeat, kind, most } = entry.tempo
  return {
    ...message,
    ...{ grade: grade.id, group: group.id, group_title: group.title, id: entry.id },
    ...(group.rule === 'all' ? {} : { any: String(group.rule.any), of: group.rule.of }),
    ...(group.draw === null ? {} : { draw: String(group.draw) }),
    keys: keysCell(entry.keys),
    open: entry.open.join(' | '),
    conditions: entry.conditions.join(' | '),
    ...{ beat, bpm: String(bpm), notes_per_beat: String(notesPerBeat), tempo_kind: kind },
    most: most === undefined ? '' : String(most),
  }
}
