import type { System } from '#engraving'
import { type AccordionStudy, bellowsIn, type DrawnWay } from '#pictures'
import { line, shape } from './ink'
import { INK, WHITE } from './inks'
import type { Drawn } from './page'

const [HEIGHT, LINE] = [26, 15]

/** Arrows part while the bellows open, and meet while they close. */
function arrows({ direction, x }: DrawnWay): Drawn[] {
  const out = direction === 'opening'
  return [-1, 1].map((side) => {
    const [base, tip] = [x + side * (out ? 1.5 : 7.5), x + side * (out ? 7.5 : 1.5)]
    return shape(`M${base} ${LINE - 4}L${base} ${LINE + 4}L${tip} ${LINE}Z`, INK, WHITE, 1)
  })
}

const wayOf = (way: DrawnWay): Drawn[] => [
  line(`M${way.x} ${LINE}H${way.end}`, 1.4, way.direction === 'closing' ? { dash: [5, 3.5] } : {}),
  ...(way.turns ? [line(`M${way.end - 7} ${LINE - 5}L${way.end} ${LINE}L${way.end - 7} ${LINE + 5}`, 1.4)] : []),
  ...(way.begins ? arrows(way) : []),
]

/** Which way the bellows go over one system: solid while they open, broken while they close, a tip at each turn. */
export const bellowsOver = (study: AccordionStudy, system: System): { height: number; drawn: readonly Drawn[] } => ({
  height: HEIGHT,
  drawn: bellowsIn(study, system).flatMap(wayOf),
})
