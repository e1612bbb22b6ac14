import { layoutOf } from '#engraving'
import { type Drawn, type Faces, type Glyphs, onlyLine, svgOf, systemPicture } from '#paper'
import type { RealisedStudy } from '#core/realise'
import type { HomeLine } from './view'

/** As wide as a phone is, in its pixels: on anything wider the notes stand larger. */
const WIDTH = 342
const NARROWEST = 20

/** One line of music as it stands on a page. */
export interface MusicLine {
  readonly width: number
  readonly height: number
  /** Markup of SVG: the notes, and the fingers by themselves, which may be put away. */
  readonly notes: string
  readonly fingers: string
}

/** A ring about the place to watch. */
function ringAt(
  { where }: Pick<HomeLine, 'where'>,
  spots: readonly { hand: string; index: number; x: number; y: number }[],
) {
  if (!where || !('index' in where)) return []
  return spots
    .filter(({ hand, index }) => hand === where.player && index === where.index)
    .map(({ x, y }): Drawn => ({
      kind: 'path',
      d: `M${x - 10} ${y - 5}A10 10 0 1 0 ${x + 10} ${y - 5}A10 10 0 1 0 ${x - 10} ${y - 5}Z`,
      ...{ fill: null, stroke: 'var(--met)', width: 1.6 },
    }))
}

/** A study as lines of music, one under the other. */
export function musicLines(line: HomeLine, faces: Faces, glyphs: Glyphs): MusicLine[] {
  const study: RealisedStudy = line.hand === 'all' ? line.study : onlyLine(line.study, line.hand)
  return layoutOf(study, WIDTH, { narrowest: NARROWEST }).map((system) => {
    const { engraved, drawn, marks } = systemPicture(study, system, faces, {
      ...{ heads: [], wanted: () => true, nameOf: null, grips: false },
    })
    const fingering = new Set(marks)
    return {
      width: WIDTH,
      height: Math.ceil(engraved.height),
      notes: svgOf([...drawn.filter((one) => !fingering.has(one)), ...ringAt(line, engraved.fingers)], faces, glyphs),
      fingers: svgOf(marks, faces, glyphs),
    }
  })
}
