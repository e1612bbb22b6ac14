import { type ChartGroup, type ChartLine, chartOf, type ChartRow, groupsOf } from '#core/chart'
import { familyOf } from '#core/instrument'
import { kindNamed } from '#core/material'
import { capital, joined } from '#core/message'
import { printedName } from '#core/pitch'
import { chartPages, type Faces, type Page } from '#paper'
import { inEnglish } from '../english'
import type { PaperAsked } from './asked'
import { leafOf, said } from './frame'

const signsOf = ({ fifths }: ChartRow): string => fifthsMessage(fifths)

/** “three flats”, “no signs”. */
export const fifthsMessage = (fifths: number): string =>
  said('print.chart.signs', { fifths, signs: Math.abs(fifths), of: fifths < 0 ? 'flat' : 'sharp' })

const playerMessage = (player: ChartLine['player']): string => said('print.chart.player', { player })

/** “RH 4 on B · LH 4 on C”. */
const landmarkOf = ({ lines }: ChartRow): string =>
  lines.flatMap(({ landmarks }) => landmarks.map(inEnglish)).join(' · ')

const keyNames = (own: readonly ChartRow[]): string => own.map(({ tonic }) => printedName(tonic)).join(', ')

/** Some kinds in all their keys. @throws DomainError where the instrument does not take a kind */
export function chartSheet(
  { chart: { kinds, settings }, size }: Extract<PaperAsked, { readonly sheet: 'chart' }>,
  faces: Faces,
): { title: string; pages: Page[] } {
  const several = kinds.length > 1
  const parts = kinds.map((kind) => ({
    title: several ? inEnglish(capital(kindNamed({ id: kind }))) : '',
    groups: groupsOf(chartOf(kind, settings)),
  }))
  const named = joined(
    kinds.map((id) => kindNamed({ id })),
    'and',
  )
  const title = said('print.chart.title', { kind: inEnglish(capital(named)) })
  const leaf = leafOf(size, title, [familyOf(settings).plays])
  const words = {
    ...leaf.words,
    key: ({ tonic }: ChartRow) => printedName(tonic),
    signs: signsOf,
    group: ({ rows: own, alike }: ChartGroup) =>
      said('print.chart.group', { alike: alike ? 'yes' : 'no', count: own.length, keys: keyNames(own) }),
    player: ({ player }: ChartLine) => playerMessage(player),
    landmark: landmarkOf,
  }
  return { title, pages: chartPages({ ...leaf, words, parts }, faces) }
}
