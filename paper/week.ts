import type { Faces } from './faces'
import { acrossOf, type Block, flowed, type Leaf, sideBySide } from './flow'
import { MARGIN } from './frame'
import { boxPath, line, words } from './ink'
import { RULE, SOFT } from './inks'
import type { Drawn, Page } from './page'
import { placed } from './place'
import { wrapped } from './wrapped'

/** One thing to practise, as it is read on paper. */
export interface WeekItem {
  readonly title: string
  readonly how: string
  readonly tempo: string
  readonly minutes: string
}

export interface WeekDay {
  readonly day: string
  readonly minutes: string
  readonly items: readonly WeekItem[]
}

/** A week's practice: day by day what, how fast, how long, and a box to tick. */
export interface Week extends Leaf {
  readonly days: readonly WeekDay[]
  /** What is to be watched for, under its own heading. */
  readonly watch: {
    readonly title: string
    readonly items: readonly { readonly title: string; readonly words: string }[]
  }
  /** What the page is for, at its end; and what stands where no day has anything. */
  readonly how: string
  readonly none: string
}

const GAP = 26
const [HEAD, LINE, BOX, AFTER] = [20, 13, 8.5, 12]
const [SIZE, SMALL] = [9.5, 9]
const TEMPO_WIDTH = 84

const atRight = (text: string, x: number, y: number, faces: Faces, size: number, colour: string): Drawn =>
  words(text, x - faces.width(text, 'sans', size), y, 'sans', size, colour)

/** A box with what is to be played; under it how, how fast and how long. */
function itemBlock({ title, how, tempo, minutes }: WeekItem, faces: Faces, width: number): Block {
  const [left, across] = [16, width - 16]
  const titles = wrapped(title, faces, { face: 'serif-bold', size: SIZE }, across)
  const tempoX = width - TEMPO_WIDTH
  const hows = wrapped(how, faces, { face: 'sans', size: SMALL }, tempoX - left - 6)
  const under = LINE * titles.length
  return {
    height: under + LINE * hows.length + 4,
    drawn: [
      line(boxPath(0, 3, BOX, BOX), 0.9),
      ...titles.map((text, at) => words(text, left, 11 + LINE * at, 'serif-bold', SIZE)),
      ...hows.map((text, at) => words(text, left, 10 + under + LINE * at, 'sans', SMALL, SOFT)),
      words(tempo, tempoX, 10 + under, 'serif', SIZE),
      atRight(minutes, width, 10 + under, faces, SMALL, SOFT),
    ],
  }
}

function dayBlock({ day, minutes, items }: WeekDay, faces: Faces, width: number): Block {
  let y = HEAD
  const drawn = items.flatMap((item) => {
    const block = itemBlock(item, faces, width)
    const here = block.drawn.map((one) => placed(one, 0, y, 1))
    y += block.height
    return here
  })
  return {
    height: y + AFTER,
    drawn: [
      words(day, 0, 12, 'serif-bold', 11.5),
      atRight(minutes, width, 12, faces, SMALL, SOFT),
      line(`M0 16H${width}`, 0.6, { colour: RULE }),
      ...drawn,
    ],
  }
}

/** Days two by two, side by side. */
const daysOf = ({ days }: Week, faces: Faces, width: number): Block[] =>
  sideBySide(
    days.map((day) => dayBlock(day, faces, width)),
    width,
    GAP,
  )

/** A paragraph across the page. */
function paragraph(text: string, faces: Faces, across: number, face: 'sans' | 'serif' = 'sans'): Block {
  const lines = wrapped(text, faces, { face, size: SIZE }, across)
  return {
    height: LINE * lines.length + 6,
    drawn: lines.map((each, at) => words(each, MARGIN, 11 + LINE * at, face, SIZE)),
  }
}

function watchOf({ watch }: Week, faces: Faces, across: number): Block[] {
  if (watch.items.length === 0) return []
  return [
    { height: HEAD, drawn: [words(watch.title, MARGIN, 13, 'serif-bold', 11.5)], heads: true },
    ...watch.items.map((item) => paragraph(`${item.title}: ${item.words}`, faces, across)),
  ]
}

/** Pages of a week. */
export function weekPages(week: Week, faces: Faces): Page[] {
  const across = acrossOf(week.paper)
  const width = (across - GAP) / 2
  const days = week.days.length > 0 ? daysOf(week, faces, width) : [paragraph(week.none, faces, across)]
  return flowed([...days, ...watchOf(week, faces, across), paragraph(week.how, faces, across)], week, faces)
}
