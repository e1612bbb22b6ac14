import type { ChartGroup, ChartLine, ChartRow } from '#core/chart'
import { pitchClass, printedName } from '#core/pitch'
import type { Faces } from './faces'
import { bottomOf, footOf, headOf, MARGIN } from './frame'
import { RULE, SOFT } from './inks'
import type { Drawn, Page } from './page'
import { PAPERS, type PaperSize } from './sizes'
import { line, words } from './system'
import type { SheetWords } from './words'

/** Words of a chart beyond those that every sheet has. */
export interface ChartWords extends SheetWords {
  readonly key: (row: ChartRow) => string
  readonly signs: (row: ChartRow) => string
  readonly group: (group: ChartGroup) => string
  readonly player: (line: ChartLine) => string
  /** What to hold on to: where the fourth finger lies. */
  readonly landmark: (row: ChartRow) => string
}

export interface Chart {
  readonly words: ChartWords
  readonly groups: readonly ChartGroup[]
  readonly paper: PaperSize
}

const BLACK_KEYS = new Set([1, 3, 6, 8, 10])
const [KEY_WIDTH, NAME_WIDTH, LANDMARK_WIDTH] = [92, 26, 118]
const [GROUP_HEIGHT, LINE_HEIGHT, AFTER_ROW] = [26, 13, 9]

const centred = (
  text: string,
  x: number,
  y: number,
  face: 'serif-bold' | 'sans',
  size: number,
  faces: Faces,
  colour?: string,
): Drawn => words(text, x - faces.width(text, face, size) / 2, y, face, size, colour)

const rowHeight = ({ lines }: ChartRow): number => LINE_HEIGHT * (lines.length + 1) + AFTER_ROW

/** Middle of each note's column. */
const columnAt = (at: number, count: number, across: number): number => {
  const [from, to] = [MARGIN + KEY_WIDTH + NAME_WIDTH, MARGIN + across - LANDMARK_WIDTH]
  return from + ((to - from) * (at + 0.5)) / count
}

/** A key: its name, its notes with black keys marked, and a line of fingers for each player. */
function drawRow(row: ChartRow, y: number, chart: Chart, faces: Faces, across: number): Drawn[] {
  const column = (at: number): number => columnAt(at, row.notes.length, across)
  const upper = row.lines.length > 1 ? 1 : 0
  const nameY = y + LINE_HEIGHT * (upper + 1)
  const yOf = (at: number): number => (at < upper ? y + LINE_HEIGHT * (at + 1) : nameY + LINE_HEIGHT * (at - upper + 1))
  return [
    words(chart.words.key(row), MARGIN, nameY, 'serif-bold', 11.5),
    words(chart.words.signs(row), MARGIN, nameY + LINE_HEIGHT, 'sans', 8, SOFT),
    ...row.notes.flatMap((note, at) => [
      centred(printedName(note), column(at), nameY, 'sans', 8.5, faces, SOFT),
      ...(BLACK_KEYS.has(pitchClass(note)) ? [line(`M${column(at) - 7} ${nameY + 2.5}h14`, 1.6)] : []),
    ]),
    ...row.lines.flatMap((each, at) => [
      words(chart.words.player(each), MARGIN + KEY_WIDTH, yOf(at), 'sans', 8, SOFT),
      ...each.marks.map((mark, note) => centred(mark, column(note), yOf(at), 'serif-bold', 11, faces)),
      // a crossing is marked where it lands, on the side of the note before
      ...each.crossings.map((note) => line(`M${column(note) - 9} ${yOf(at) - 7}l3 3.5l-3 3.5`, 1)),
    ]),
    words(chart.words.landmark(row), MARGIN + across - LANDMARK_WIDTH + 10, nameY, 'sans', 8.5, SOFT),
    line(`M${MARGIN} ${y + rowHeight(row) - 3}H${MARGIN + across}`, 0.4, { colour: RULE }),
  ]
}

interface Block {
  readonly height: number
  readonly draw: (y: number) => readonly Drawn[]
}

/** Rows of a group; the first is never torn from what is said of the group. */
function blocksOf(chart: Chart, faces: Faces, across: number): Block[] {
  return chart.groups.flatMap((group) =>
    group.rows.map((row, at): Block => {
      const top = at === 0 ? GROUP_HEIGHT : 0
      return {
        height: top + rowHeight(row),
        draw: (y) => [
          ...(at === 0 ? [words(chart.words.group(group), MARGIN, y + 16, 'serif-italic', 11.5)] : []),
          ...drawRow(row, y + top, chart, faces, across),
        ],
      }
    }),
  )
}

/** Pages of a chart. */
export function chartPages(chart: Chart, faces: Faces): Page[] {
  const { width, height } = PAPERS[chart.paper]
  const across = width - 2 * MARGIN
  const size: Page = { width, height, drawn: [] }
  const [top, bottom] = [MARGIN + 26, bottomOf(chart.words, faces, size)]
  const pages: Drawn[][] = [[]]
  let y = top
  for (const block of blocksOf(chart, faces, across)) {
    if (y + block.height > bottom && y > top) {
      pages.push([])
      y = top
    }
    pages.at(-1)!.push(...block.draw(y))
    y += block.height
  }
  return pages.map((drawn, at) => ({
    ...size,
    drawn: [
      ...headOf(chart.words, faces, across, at === 0),
      ...drawn,
      ...footOf(chart.words, faces, [at, pages.length], size),
    ],
  }))
}
