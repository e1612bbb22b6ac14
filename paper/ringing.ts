import type { System } from '#engraving'
import { pedalPath, ringingIn, ringingRoom, type StickStudy, STROKE_PATHS } from '#pictures'
import { circlePath, line, words } from './ink'
import type { Drawn } from './page'
import { placed } from './place'

const [MARK_Y, ABOVE_FOOT] = [7, 5]
/** The usual word for a pedal, in every language of music. */
const PED = 'Ped.'

/** How the notes of one system ring: the pedal, dead strokes, and bars that a mallet stops. */
export function ringingUnder(study: StickStudy, system: System): { height: number; drawn: readonly Drawn[] } {
  const { height } = ringingRoom(study)
  const { pedal, marks } = ringingIn(study, system)
  const y = height - ABOVE_FOOT
  return {
    height,
    drawn: [
      ...marks.flatMap(({ x, is }) => {
        const { lines, ring } = STROKE_PATHS[is]
        return [line(lines, 1.1), ...(ring > 0 ? [line(circlePath(0, 0, ring), 1)] : [])].map((one) =>
          placed(one, x, MARK_Y, 1),
        )
      }),
      ...(pedal ? [line(pedalPath(pedal, y), 1.1)] : []),
      ...(pedal?.begins ? [words(PED, pedal.x, y, 'serif-italic', 14)] : []),
    ],
  }
}
