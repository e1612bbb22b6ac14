import type { System } from '#engraving'
import { type AccordionStudy, bellowsIn, bellowsPath, type DrawnWay, registerSymbol } from '#pictures'
import { circlePath, line, shape } from './ink'
import { INK, WHITE } from './inks'
import type { Drawn } from './page'
import { placed } from './place'

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
  line(bellowsPath(way, LINE), 1.4, way.direction === 'closing' && !way.shakes ? { dash: [5, 3.5] } : {}),
  ...(way.turns ? [line(`M${way.end - 7} ${LINE - 5}L${way.end} ${LINE}L${way.end - 7} ${LINE + 5}`, 1.4)] : []),
  ...(way.begins ? arrows(way) : []),
]

/** Which reeds sound, where a study begins. */
function register({ registers }: AccordionStudy): Drawn[] {
  const { radius, lines, dots } = registerSymbol(registers)
  return [
    line(circlePath(0, 0, radius), 1),
    ...lines.map((each) => line(each, 1)),
    ...dots.map(({ y }) => shape(circlePath(0, y, 1.9), INK)),
  ].map((one) => placed(one, REGISTER, LINE - 2, 1))
}
const REGISTER = 16

/** Which way the bellows go over one system: solid while they open, broken while they close, a tip at each turn. */
export const bellowsOver = (study: AccordionStudy, system: System): { height: number; drawn: readonly Drawn[] } => ({
  height: HEIGHT,
  drawn: [...(system.first && study.hands.right ? register(study) : []), ...bellowsIn(study, system).flatMap(wayOf)],
})
