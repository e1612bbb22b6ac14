import { type ChordHabit, isBlack } from '#core/surface'
import type { RealisedStudy } from '#core/realise'
import {
  type AccordionStudy,
  barsAround,
  barScale,
  type BoardButton,
  boardMapOf,
  type FingerStudy,
  marksOf,
  pianoMapOf,
  type PianoMap,
  type Strike,
  sticksOf,
  strikesAround,
  trebleMapOf,
} from '#pictures'
import { boxPath, circlePath, line, shape, words } from './ink'
import { HANDS, INK, RULE, SOFT, WHITE } from './inks'
import type { Drawn } from './page'
import { placed } from './place'

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

const NAME = 8.5
const centredName = (text: string, x: number, y: number, colour: string): Drawn =>
  words(text, x - text.length * NAME * 0.29, y, 'sans', NAME, colour)

/** A hand's keys or buttons true to scale, with each one's finger going up. */
function trebleMap(study: AccordionStudy, width: number, hand: 'right' | 'left'): MapPicture {
  const map = trebleMapOf(study, { width, step: null, facing: false, hand })
  const { height, radius, whites, blacks, buttons, marks, disc } = map
  const { ink, wash } = HANDS[hand]
  return {
    height: height + 4,
    drawn: [
      ...buttons.map(({ x, y }) => line(circlePath(x, y, radius), 0.8, { colour: SOFT })),
      ...buttons.filter(({ isC }) => isC).map(({ x, y }) => shape(circlePath(x, y, 1.8), SOFT)),
      ...whites.map((key) => shape(boxPath(key.x, key.y, key.width, key.height), WHITE, RULE, 0.8)),
      ...blacks.map((key) => shape(boxPath(key.x, key.y, key.width, key.height), INK)),
      ...marks.flatMap(({ finger, x, y }) => [
        shape(circlePath(x, y, disc), wash, ink, 0.9),
        figure(String(finger), x, y + 4, INK),
      ]),
    ],
  }
}

const LABELS = 24
/** Buttons of the board by their names; those that are played have their finger, and what they are called over it. */
function boardButton({ x, y, name, called, mark, dimpled }: BoardButton, radius: number): Drawn[] {
  const ring = dimpled ? [line(circlePath(x, y, radius + 2.4), 0.8)] : []
  if (!mark) return [...ring, line(circlePath(x, y, radius), 0.8, { colour: SOFT }), centredName(name, x, y + 3, SOFT)]
  const { ink } = HANDS.left
  return [
    ...ring,
    shape(circlePath(x, y, radius), ink),
    figure(String(mark.finger), x, y + 4, WHITE),
    centredName(called, x, y - radius - 2.5, INK),
  ]
}

/** The board as the hand behind it finds it, the chin on the right. */
function boardMap(
  study: AccordionStudy,
  width: number,
  { rows = 'all', chords = 'signs' }: { rows?: 'all' | 'played'; chords?: ChordHabit } = {},
): MapPicture {
  const frame = { width, step: null, facing: false, labels: LABELS, around: 2, rows, chords }
  const { height, buttons, radius, path } = boardMapOf(study, frame)
  return {
    height: height + 6,
    drawn: [
      line(path, 1, { colour: HANDS.left.ink, dash: [3, 3] }),
      ...buttons.flatMap((button) => boardButton(button, radius)),
    ],
  }
}

/** Both sides of an accordion, as far as they are played. */
export function accordionMap(study: AccordionStudy, width: number, chords: ChordHabit): MapPicture {
  const parts = [
    ...(study.hands.right ? [trebleMap(study, width, 'right')] : []),
    ...(study.hands.left ? [trebleMap(study, width, 'left')] : []),
    ...(study.bass ? [boardMap(study, width, { chords })] : []),
  ]
  return parts.reduce<MapPicture>(
    (above, part) => ({
      height: above.height + part.height,
      drawn: [...above.drawn, ...part.drawn.map((one) => placed(one, 0, above.height, 1))],
    }),
    { height: 0, drawn: [] },
  )
}

/** The left hand's buttons in a strip: of the board only the rows that are played, of a free bass all. */
export function buttonStrip(study: AccordionStudy, width: number): MapPicture | null {
  if (study.bass) return boardMap(study, width, { rows: 'played' })
  return study.hands.left ? trebleMap(study, width, 'left') : null
}
