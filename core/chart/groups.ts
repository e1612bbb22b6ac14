import type { Player } from '../instrument'
import type { ChartRow } from './chart'
import { rulesOf } from './rules'

/** Keys in which every player takes the same; in which one hand at least is in a group of keys; or those like no other. */
export interface ChartGroup {
  readonly alike: 'whole' | 'by-hand' | 'none'
  readonly rows: readonly ChartRow[]
}

const patternOf = ({ lines }: ChartRow): string => lines.map(({ marks }) => marks.join('')).join('/')
const marksOf = ({ lines }: ChartRow, player: Player): string =>
  lines.find((line) => line.player === player)?.marks.join('') ?? ''

/** Rows in which a hand does as it does in another key: by a rule, or note for note. */
function inGroups(rows: readonly ChartRow[]): Set<ChartRow> {
  const ruled = rulesOf(rows).flatMap(({ held }) => held.flatMap((each) => each.rows))
  const players = new Set(rows.flatMap(({ lines }) => lines.map(({ player }) => player)))
  const like = [...players].flatMap((player) =>
    rows.filter((row) =>
      rows.some(
        (other) => other !== row && marksOf(row, player) !== '' && marksOf(row, player) === marksOf(other, player),
      ),
    ),
  )
  return new Set([...ruled, ...like])
}

/**
 * Keys brought together by what their players take, the largest group first, else in the order of the circle; then those
 * whose hands are in a group each for itself, and last those that are like no other.
 */
export function groupsOf(rows: readonly ChartRow[]): ChartGroup[] {
  const groups = new Map<string, ChartRow[]>()
  for (const row of rows) groups.set(patternOf(row), [...(groups.get(patternOf(row)) ?? []), row])
  const all = [...groups.values()]
  const shared = all.filter((own) => own.length > 1).sort((a, b) => b.length - a.length)
  const alone = all.filter((own) => own.length === 1).flat()
  // a line of one player has no other hand to be in a group
  const several = rows.some(({ lines }) => lines.length > 1)
  const within = several ? inGroups(rows) : new Set<ChartRow>()
  const [byHand, none] = [alone.filter((row) => within.has(row)), alone.filter((row) => !within.has(row))]
  return [
    ...shared.map((own): ChartGroup => ({ rows: own, alike: 'whole' })),
    ...(byHand.length > 0 ? [{ rows: byHand, alike: 'by-hand' as const }] : []),
    ...(none.length > 0 ? [{ rows: none, alike: 'none' as const }] : []),
  ]
}
