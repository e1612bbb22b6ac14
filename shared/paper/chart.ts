import {
  type ChartGroup,
  type ChartLine,
  chartOf,
  type ChartRow,
  type ChartRules,
  groupsOf,
  keysLeftOut,
  rulesOf,
} from '#core/chart'
import { familyOf } from '#core/instrument'
import { kindNamed } from '#core/material'
import { capital, joined, listed, type Message, named } from '#core/message'
import { type Note, noteName, printedName } from '#core/pitch'
import { chartPages, type Faces, type Page } from '#paper'
import type { Wording } from '../wording'
import type { PaperRequest } from './requests'
import { leafOf } from './frame'

/** “three flats”, “no signs”. */
export const fifthsText = (w: Wording, fifths: number): string =>
  w.text('print.chart.signs', { fifths, signs: Math.abs(fifths), of: fifths < 0 ? 'flat' : 'sharp' })

/** “RH 4 on B · LH 4 on F♯, by itself”: what no rule says is told from what one does. */
const landmarkOf = (w: Wording, row: ChartRow, rules: readonly ChartRules[]): string =>
  row.lines
    .flatMap(({ player, landmarks }) => {
      const own = rules.some((each) => each.player === player && each.own.some((other) => other.row === row))
      return landmarks.map((each) =>
        own ? w.text('print.chart.by-itself', { landmark: w.format(each) }) : w.format(each),
      )
    })
    .join(' · ')

/** “Right hand: 4 on the seventh in C, G, D, A, E, B; 4 on B♭ in …; by itself F♯ (4 on A♯).” */
function rulesText(w: Wording, { player, held, own }: ChartRules): string {
  const rules = held.map(({ by, degree, note, rows }) =>
    w.text('print.chart.rule', { by, degree, note: printedName(note), keys: keyNames(rows) }),
  )
  const alone = own.map(({ row, note }) =>
    w.text('print.chart.own', { key: printedName(row.tonic), note: printedName(note) }),
  )
  const last = alone.length > 0 ? [w.text('print.chart.rule-own', { count: alone.length, keys: alone.join(', ') })] : []
  return w.text('print.chart.rules', { player, rules: [...rules, ...last].join('; ') })
}

const keyNames = (own: readonly ChartRow[]): string => own.map(({ tonic }) => printedName(tonic)).join(', ')

/** Some kinds in all their keys. @throws DomainError where the instrument does not take a kind */
export function chartSheet(
  { chart: { kinds, settings }, size }: Extract<PaperRequest, { readonly sheet: 'chart' }>,
  faces: Faces,
  w: Wording,
): { title: string; pages: Page[]; notices: Message[] } {
  const several = kinds.length > 1
  const rules = new Map<ChartRow, ChartRules[]>()
  const leftOut = new Map<string, Note>()
  const parts = kinds.map((kind) => {
    const rows = chartOf(kind, settings)
    for (const tonic of keysLeftOut(kind, rows)) leftOut.set(noteName(tonic), tonic)
    const own = rulesOf(rows)
    for (const row of rows) rules.set(row, own)
    return {
      title: several ? w.format(capital(kindNamed({ id: kind }))) : '',
      rules: own.map((each) => rulesText(w, each)),
      groups: groupsOf(rows),
    }
  })
  const kindNames = joined(
    kinds.map((id) => kindNamed({ id })),
    'and',
  )
  const title = w.text('print.chart.title', { kind: w.format(capital(kindNames)) })
  const leaf = leafOf(w, size, title, [familyOf(settings).plays])
  const words = {
    ...leaf.words,
    key: ({ tonic }: ChartRow) => printedName(tonic),
    signs: ({ fifths }: ChartRow) => fifthsText(w, fifths),
    group: ({ rows: own, alike }: ChartGroup) =>
      w.text('print.chart.group', { alike, count: own.length, keys: keyNames(own) }),
    player: ({ player }: ChartLine) => w.text('print.chart.player', { player }),
    landmark: (row: ChartRow) => landmarkOf(w, row, rules.get(row)!),
  }
  const keys = listed([...leftOut.keys()].map(named))
  const notices = leftOut.size > 0 ? [{ code: 'print.chart.left-out', params: { keys } }] : []
  return { title, pages: chartPages({ ...leaf, words, parts }, faces), notices }
}
