import { layoutOf } from '#engraving'
import { familyOf, type Recipe } from '#core/instrument'
import { DomainError } from '#core/message'
import { targetOf } from '#core/practice'
import { playersIn, realise, type RealisedStudy } from '#core/realise'
import { type Drawn, type Faces, newGlyphs, onlyLine, svgOf, systemPicture } from '#paper'
import type { DrawnLine, LinePlayed, MusicLine } from './requests'

/** As wide as a phone is, in its pixels: on anything wider the notes stand larger. */
const WIDTH = 342
const NARROWEST = 20

/** A ring about the place to watch. */
function ringAt(
  { where }: Pick<LinePlayed, 'where'>,
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

/** What is played of a line: the study with the line's own hands and octaves, where it goes so. */
function playedOf({ study, hands, octaves }: LinePlayed): RealisedStudy {
  const whole = (recipe: Recipe): RealisedStudy => realise(recipe, {}, 0)
  try {
    return whole({ ...study, hands, octaves } as Recipe)
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    return whole(study)
  }
}

function watchOf({ study, stage, test, where }: LinePlayed, realised: RealisedStudy): DrawnLine['watch'] {
  const own = targetOf(study).stages.find(({ id }) => id === stage)
  return !own || test || where ? null : familyOf(study).route.watch(study, realised, own)
}

/** The line of one hand, where that is the place to watch. */
function shownOf({ where }: LinePlayed, realised: RealisedStudy): RealisedStudy {
  const hand = where?.player
  return playersIn(realised).length > 1 && (hand === 'right' || hand === 'left') ? onlyLine(realised, hand) : realised
}

/** A line of a week as music, one system under the other. */
export function drawnLine(line: LinePlayed, faces: Faces): DrawnLine {
  const realised = playedOf(line)
  const study = shownOf(line, realised)
  const glyphs = newGlyphs()
  // what is asked from memory is neither shown nor heard
  const systems = line.test ? [] : layoutOf(study, WIDTH, { narrowest: NARROWEST })
  const music = systems.map((system): MusicLine => {
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
  return { music, glyphs: [...glyphs], recipe: realised.recipe, watch: watchOf(line, realised) }
}
