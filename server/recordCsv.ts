import Papa from 'papaparse'
import { currentEntries } from '#core/practice'
import { titleOf } from '#core/realise'
import type { StoredEntry } from '#shared/api'
import type { Wording } from '#shared/wording'

/** Columns of a record as a table; what was corrected stands in it, marked. */
const COLUMNS = [
  ...['date', 'kind', 'study', 'hands', 'octaves', 'notes a minute', 'outcome', 'where', 'stage', 'minutes'],
  ...['note', 'by', 'counts', 'id', 'corrects'],
] as const

function whereMessage({ where }: StoredEntry): string {
  if (!where) return ''
  return 'place' in where ? where.place : `${where.player} ${where.index + 1}`
}

/** A pupil's record as CSV, in the order in which it was added to. */
export function recordCsv(entries: readonly StoredEntry[], words: Wording): string {
  const counting = new Set(currentEntries(entries).map(({ id }) => id))
  const rows = entries.map((entry) => [
    ...[entry.date, entry.kind, words.format(titleOf(entry.study)), entry.hands, entry.octaves, entry.tempo],
    ...[entry.outcome, whereMessage(entry), entry.stage ?? '', entry.minutes, entry.note, entry.by],
    ...[counting.has(entry.id) ? 'yes' : 'no', entry.id, entry.corrects ?? ''],
  ])
  return Papa.unparse({ fields: [...COLUMNS], data: rows }, { escapeFormulae: true })
}
