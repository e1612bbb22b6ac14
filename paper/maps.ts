import { isBlack } from '#core/surface'
import type { RealisedStudy } from '#core/realise'
import {
  barsAround,
  barScale,
  type FingerStudy,
  marksOf,
  pianoMapOf,
  type PianoMap,
  type Strike,
  sticksOf,
  strikesAround,
} from '#pictures'
import { boxPath, circlePath, line, shape, words } from './ink'
import { HANDS, INK, RULE, SOFT, WHITE } from './inks'
import type { Drawn } from './page'

/** A picture of an instrument, in pixels. */
export interface MapPicture {
  readonly height: number
  readonly drawn: readonly Drawn[]
}

const FACE = 11.5
const [MAP_HEIGHT, APART] = [320, 10]

const figure = (mark: string, x: number, y: number, colour: string): Drawn =>
  words(mark, x - mark.length * 3.3, y, 'serif-bold', FACE, colour)

const markOf = ({ hand, midi, finger, x, y }: PianoMap['marks'][number]): Drawn =>
  figure(String(finger), x, y, isBlack(midi) ? HANDS[hand].wash : HANDS[hand].ink)

/** The keyboard true to scale, with each key's finger going up. */
export function pianoMap(study: FingerStudy, width: number): MapPicture {
  const { height, whites, blacks, marks } = pianoMapOf(study, width, null)
  return {
    height: height + 2,
    drawn: [
      ...whites.map((key) => shape(boxPath(key.x, key.y, key.width, key.height), WHITE, RULE, 0.8)),
      ...blacks.map((key) => shape(boxPath(key.x, key.y, key.width, key.height), INK)),
      ...marks.map(markOf),
    ],
  }
}

function strikeOf({ stick, mark, x, y }: Strike): Drawn[] {
  const { ink } = HANDS[stick === 'R' ? 'right' : 'left']
  const body = stick === 'R' ? circlePath(x, y, 7) : boxPath(x - 6.5, y - 6.5, 13, 13)
  return [shape(body, WHITE, ink, 1.4), figure(mark, x, y + 4, INK)]
}

/** The bars that are played and a few around, true to scale, with where each is struck going up. */
export function barsMap(study: RealisedStudy, width: number): MapPicture {
  const own = sticksOf(study)
  const bars = barsAround(own, own.recipe)
  const scale = barScale(bars, own.recipe, { width, height: MAP_HEIGHT })
  const strikes = marksOf(strikesAround(own, null, scale, APART), null)
  return {
    height: scale.height + 4,
    drawn: [
      ...bars.map((bar) => {
        const [x, y] = [scale.x(bar.x - bar.width / 2), scale.y(bar.near + bar.length)]
        return line(boxPath(x, y, bar.width * scale.pixels, bar.length * scale.pixels), 1, {
          colour: bar.accidental ? INK : SOFT,
        })
      }),
      ...strikes.flatMap(strikeOf),
    ],
  }
}
