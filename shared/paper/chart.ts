import { type ChartGroup, type ChartLine, chartOf, type ChartRow, groupsOf } from '#core/chart'
import { familyOf } from '#core/instrument'
import { kindNamed } from '#core/material'
import { capital, joined } from '#core/message'
import { printedName } from '#core/pitch'
import { chartPages, type Faces, type Page } from '#paper'
import type { Wording } from '../wording'
import type { PaperRequest } from './requests'
import { leafOf } from './frame'

/** “three flats”, “no signs”. */
export const fifthsText = (w: Wording, fifths: number): string =>
  w.text('print.chart.signs', { fifths, signs: Math.abs(fifths), of: fifths < 0 ? 'flat' : 'sharp' })

/** “RH 4 on B · LH 4 on C”. */
const landmarkOf = (w: Wording, { lines }: ChartRow): string =>
  lines.flatMap(({ landmarks }) => landmarks.map(w.format)).join(' · ')

const keyNames = (own: readonly ChartRow[]): string => own.map(({ tonic }) => printedName(tonic)).join(', ')

/** Some kinds in all their keys. @throws DomainError where the instrument does not take a kind */
export function chartSheet(
  { chart: { kinds, settings }, size }: Extract<PaperRequest, { readonly sheet: 'chart' }>,
  faces: Faces,
  w: Wording,
): { title: string; pages: Page[] } {
  const several = kinds.length > 1
  const parts = kinds.map((kind) => ({
    title: several ? w.format(capital(kindNamed({ id: kind }))) : '',
    groups: groupsOf(chartOf(kind, settings)),
  }))
  const named = joined(
    kinds.map((id) => kindNamed({ id })),
    'and',
  )
  const title = w.text('print.chart.title', { kind: w.format(capital(named)) })
  const leaf = leafOf(w, size, title, [familyOf(settings).plays])
  const words = {
    ...leaf.words,
    key: ({ tonic }: ChartRow) => printedName(tonic),
    signs: ({ fifths }: ChartRow) => fifthsText(w, fifths),
    group: ({ rows: own, alike }: ChartGroup) =>
      w.text('print.chart.group', { alike: alike ? 'yes' : 'no', count: own.length, keys: keyNames(own) }),
    player: ({ player }: ChartLine) => w.text('print.chart.player', { player }),
    landmark: (row: ChartRow) => landmarkOf(w, row),
  }
  return { title, pages: chartPages({ ...leaf, words, parts }, faces) }
}
