import type { System } from '#engraving'
import { isBlack } from '#core/surface'
import type { RealisedStudy } from '#core/realise'
import {
  type AccordionStudy,
  type Disc,
  type FingerStudy,
  laneOf,
  type LaneMark,
  type StairPicture,
  stairOf,
  sticksOf,
  type Stroke,
  stickStairOf,
} from '#pictures'
import { boxPath, circlePath, line, shape, words } from './ink'
import { HANDS, INK, MET, RULE, SOFT, WHITE } from './inks'
import type { Drawn } from './page'

const KEYS_WIDTH = 40
const [DISC, BUTTON] = [8.3, 8]
const FACE = 12

/** A mark in the middle of its place; figures of this size are about so wide. */
const inside = (mark: string, x: number, y: number, colour: string): Drawn =>
  words(mark, x - mark.length * 3.4, y + 4.2, 'serif-bold', FACE, colour)

/** The keys at the left, to scale, with a line at each C. */
function keysOf({ lowest, highest, y, thickness }: StairPicture['scale'], right: number, plain: boolean): Drawn[] {
  const all = Array.from({ length: highest - lowest + 1 }, (_, at) => lowest + at)
  const keyPath = (midi: number, width: number): string =>
    boxPath(6, y(midi) - thickness(midi) / 2, width, thickness(midi))
  return [
    ...(plain
      ? []
      : [
          ...all.filter((midi) => !isBlack(midi)).map((midi) => shape(keyPath(midi, KEYS_WIDTH), WHITE, RULE, 0.8)),
          ...all.filter(isBlack).map((midi) => shape(keyPath(midi, KEYS_WIDTH * 0.6), INK)),
        ]),
    ...all
      .filter((midi) => midi % 12 === 0)
      .map((midi) => line(`M${KEYS_WIDTH + 12} ${y(midi) + thickness(midi) / 2}H${right}`, 0.7, { colour: RULE })),
  ]
}

const discOf = ({ hand, x, y, finger }: Disc, dark: boolean): Drawn[] => [
  shape(circlePath(x, y, DISC), dark ? INK : WHITE, dark ? INK : HANDS[hand].ink, 1.5),
  inside(String(finger), x, y, dark ? WHITE : INK),
]

/** Thumbs that meet are joined with a diamond, third fingers with a ring. */
function meetingsOf({ meetings }: StairPicture): Drawn[] {
  return meetings.flatMap(({ kind, x, top, bottom }) => {
    const y = (top + bottom) / 2
    return kind === 'thumbs'
      ? [
          line(`M${x} ${top}V${bottom}`, 1.6, { colour: MET }),
          shape(`M${x} ${y - 5.5}L${x + 5.5} ${y}L${x} ${y + 5.5}L${x - 5.5} ${y}Z`, MET),
        ]
      : [line(circlePath(x, y, 3.6), 1.6, { colour: MET })]
  })
}

/**
 * Keys upward, time to the right: grips as slabs, crossings as bows, fingers on their keys.
 * @param plain where buttons are played: no keyboard stands there, and none of them is black
 */
export function fingerStair(study: FingerStudy, system: System, height: number, plain = false): Drawn[] {
  const picture = stairOf(study, system, height)
  return [
    ...keysOf(picture.scale, system.right, plain),
    ...picture.slabs.map(({ hand, x, y, width, height: tall }) => shape(boxPath(x, y, width, tall), HANDS[hand].wash)),
    ...meetingsOf(picture),
    ...picture.hinges.map(({ hand, kind, path }) =>
      line(path, 2.4, { colour: HANDS[hand].ink, ...(kind === 'over-thumb' && { dash: [2.5, 3] }) }),
    ),
    ...picture.discs.flatMap((disc) => discOf(disc, disc.black && !plain)),
  ]
}

function laneMark({ x, y, finger, shape: kind }: LaneMark): Drawn[] {
  const { ink } = HANDS.left
  return [
    shape(
      kind === 'chord' ? boxPath(x - BUTTON, y - BUTTON, 2 * BUTTON, 2 * BUTTON) : circlePath(x, y, DISC),
      WHITE,
      ink,
      1.5,
    ),
    ...(kind === 'counterbass' ? [line(`M${x - 6} ${y + 11.5}h12`, 1.4)] : []),
    inside(String(finger), x, y, INK),
  ]
}

/** The left hand's buttons in time: rounds are basses, squares chords, a line under a counterbass. */
export function bassLane(study: AccordionStudy, system: System, top: number, height: number): Drawn[] {
  const marks = laneOf(study, system, top, height)
  const way = marks.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join('')
  return way ? [line(way, 1, { colour: SOFT }), ...marks.flatMap(laneMark)] : []
}

function strokeOf({ stick, x, y, mark, accidental }: Stroke): Drawn[] {
  const { ink } = HANDS[stick === 'R' ? 'right' : 'left']
  const body = stick === 'R' ? circlePath(x, y, DISC) : boxPath(x - 7.6, y - 7.6, 15.2, 15.2)
  return [shape(body, accidental ? ink : WHITE, ink, 1.7), inside(mark, x, y, accidental ? WHITE : INK)]
}

/** Bars upward, time to the right: rounds are the right stick, squares the left, each with its way. */
export function stickStair(study: RealisedStudy, system: System, height: number): Drawn[] {
  const own = sticksOf(study)
  const { bars, ways, doubles, strokes } = stickStairOf(own, system, height)
  const inkOf = (stick: Stroke['stick']): string => HANDS[stick === 'R' ? 'right' : 'left'].ink
  const four = own.sticking.mallets !== undefined
  return [
    ...bars.map(({ bar: { accidental }, y, height: tall }) =>
      shape(
        boxPath(accidental ? 29 : 6, y - tall / 2, accidental ? 17 : 22, tall),
        accidental ? INK : WHITE,
        SOFT,
        0.8,
      ),
    ),
    ...(four ? [] : (['R', 'L'] as const))
      .filter((stick) => ways[stick] !== '')
      .map((stick) => line(ways[stick], 1.4, { colour: inkOf(stick), ...(stick === 'L' && { dash: [5, 3] }) })),
    ...(four ? [] : doubles).map(({ stick, path }) => line(path, 5, { colour: inkOf(stick) })),
    ...strokes.flatMap(strokeOf),
  ]
}
