import type { Way } from '#core/buttons'
import type { System } from '#engraving'
import type { AccordionStudy } from './study'

/** One way of the bellows as far as it lies in a system; pixels. */
export interface DrawnWay {
  readonly from: number
  readonly direction: Way
  readonly x: number
  readonly end: number
  /** Whether it begins here, or goes on from the system before. */
  readonly begins: boolean
  /** Whether the bellows turn at its end. */
  readonly turns: boolean
  /** Whether they shake: the line is a wave. */
  readonly shakes: boolean
  /** Whether there is room for its word. */
  readonly words: boolean
}

const BEFORE_TURN = 11
const WORD = 64

/** The ways of the bellows over one system. */
export function bellowsIn({ bellows, steps }: AccordionStudy, { from, to, columns, right }: System): DrawnWay[] {
  const column = (step: number): number => columns[step - from]!
  return bellows.flatMap(({ step, direction, shakes = false }, at): DrawnWay[] => {
    const next = bellows[at + 1]?.step ?? steps
    if (next <= from || step >= to) return []
    const [first, last] = [Math.max(step, from), Math.min(next, to)]
    const x = column(first)
    const turns = next < to
    const end = turns ? column(next) - BEFORE_TURN : last < steps ? right - 4 : column(last - 1) + BEFORE_TURN
    const words = end - x > WORD
    return [{ from: first, direction, shakes, x, end: Math.max(x, end), begins: step >= from, turns, words }]
  })
}

/** The line of a way: straight, or a wave where the bellows shake. */
export function bellowsPath({ x, end, shakes }: DrawnWay, y: number): string {
  if (!shakes) return `M${x} ${y}H${end}`
  const waves = Math.max(1, Math.floor((end - x) / WAVE))
  const half = (at: number): string =>
    `Q${x + (at + 0.5) * (WAVE / 2)} ${y + (at % 2 === 0 ? -DEPTH : DEPTH)} ${x + (at + 1) * (WAVE / 2)} ${y}`
  return `M${x} ${y}${Array.from({ length: 2 * waves }, (_, at) => half(at)).join('')}`
}
const [WAVE, DEPTH] = [9, 5]
