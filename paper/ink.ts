import { INK } from './inks'
import type { Drawn, Face } from './page'

interface LineLook {
  readonly colour?: string
  readonly dash?: readonly number[]
}

/** A stroke along a path; all of its lengths but those of `h` and `v` are absolute. */
export const line = (d: string, width: number, { colour = INK, dash }: LineLook = {}): Drawn => ({
  kind: 'path',
  ...{ d, width, fill: null, stroke: colour },
  ...(dash && { dash }),
})

/** A shape, filled, and stroked where a stroke is given. */
export const shape = (d: string, fill: string, stroke: string | null = null, width = 1): Drawn => ({
  kind: 'path',
  ...{ d, fill, stroke, width },
})

export const circlePath = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}A${r} ${r} 0 1 0 ${x + r} ${y}A${r} ${r} 0 1 0 ${x - r} ${y}Z`
export const boxPath = (x: number, y: number, width: number, height: number): string =>
  `M${x} ${y}h${width}v${height}h${-width}Z`

export const words = (text: string, x: number, y: number, face: Face, size: number, colour = INK): Drawn => ({
  kind: 'text',
  ...{ text, x, y, face, size, colour },
})
