import type { RealisedStudy } from '#core/realise'
import type { Faces } from './faces'
import { picturesOf } from './family'
import type { MapPicture } from './maps'
import { acrossOf, framed, type Leaf, roomOf } from './flow'
import { MARGIN } from './frame'
import { line, words } from './ink'
import { SOFT } from './inks'
import type { Drawn, Page } from './page'
import { placed } from './place'
import { wrapped } from './wrapped'

/** What stands on one card. */
export interface Card {
  readonly title: string
  /** Who plays, how many octaves, how fast. */
  readonly lines: readonly string[]
  readonly study: RealisedStudy
}

export interface Cards extends Leaf {
  readonly cards: readonly Card[]
}

const [ACROSS, DOWN] = [2, 5]
const [PAD, NUMBER] = [14, 12]
const [TITLE_SIZE, LINE_SIZE] = [14, 10]
/** A title beside a picture of buttons, which wants the room. */
const TITLE_OVER_PICTURE = 11.5
const CUT = { colour: SOFT, dash: [3, 4] }

/** Where scissors go, all around the cards of a page. */
function cuts(width: number, height: number, rows: number): Drawn[] {
  const [right, bottom] = [MARGIN + width * ACROSS, height * rows]
  return [
    ...Array.from({ length: ACROSS + 1 }, (_, at) => line(`M${MARGIN + width * at} 0V${bottom}`, 0.7, CUT)),
    ...Array.from({ length: rows + 1 }, (_, at) => line(`M${MARGIN} ${height * at}H${right}`, 0.7, CUT)),
  ]
}

/** Pixels of a picture on a card, the room that it leaves above it, and the largest and smallest that it is drawn. */
const [STRIP_WIDTH, CLEAR] = [340, 8]
const SCALES = { most: 0.68, least: 0.3 }

/** Where something stands, in points. */
interface Slot {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** The buttons that are played, as large as a card has room for; nothing where they would be too small to read. */
function placedStrip(strip: MapPicture, { x, y, width, height }: Slot): Drawn[] {
  const scale = Math.min(SCALES.most, width / STRIP_WIDTH, height / strip.height)
  return scale < SCALES.least ? [] : strip.drawn.map((one) => placed(one, x, y, scale))
}

function cardAt({ title, lines, study }: Card, { x, y, width, height }: Slot, number: number, faces: Faces): Drawn[] {
  const strip = picturesOf(study).strip?.(study, STRIP_WIDTH) ?? null
  const size = strip ? TITLE_OVER_PICTURE : TITLE_SIZE
  const titleLines = wrapped(title, faces, { face: 'serif-bold', size }, width - 2 * PAD - NUMBER)
  const under = y + PAD + size * 1.3 * titleLines.length + 6
  const mark = String(number)
  const below = under + LINE_SIZE * 1.5 * lines.length + CLEAR
  const inner = width - 2 * PAD
  return [
    ...titleLines.map((text, at) => words(text, x + PAD, y + PAD + size * (1 + 1.3 * at), 'serif-bold', size)),
    ...lines.map((text, at) => words(text, x + PAD, under + LINE_SIZE * (1 + 1.5 * at), 'sans', LINE_SIZE, SOFT)),
    ...(strip ? placedStrip(strip, { x: x + PAD, y: below, width: inner, height: y + height - CLEAR - below }) : []),
    words(mark, x + width - PAD - faces.width(mark, 'serif', 9), y + PAD + 2, 'serif', 9, SOFT),
  ]
}

/** Pages of cards, one study to a card, with the lines along which they are cut. */
export function cardPages({ cards, ...leaf }: Cards, faces: Faces): Page[] {
  const { room } = roomOf(leaf, faces)
  const [width, height] = [acrossOf(leaf.paper) / ACROSS, room / DOWN]
  const each = ACROSS * DOWN
  return framed(leaf, faces, Math.ceil(cards.length / each), (page) => {
    const own = cards.slice(page * each, (page + 1) * each)
    return [
      ...cuts(width, height, Math.ceil(own.length / ACROSS)),
      ...own.flatMap((card, at) =>
        cardAt(
          card,
          { x: MARGIN + width * (at % ACROSS), y: height * Math.floor(at / ACROSS), width, height },
          page * each + at + 1,
          faces,
        ),
      ),
    ]
  })
}
