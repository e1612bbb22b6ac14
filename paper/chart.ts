import type { ChartGroup, ChartLine, ChartRow } from '#core/chart'
import { pitchClass, printedName } from '#core/pitch'
import type { Faces } from './faces'
import { acrossOf, type Block, flowed, type Leaf } from './flow'
import { picturesOf } from './family'
import { MARGIN } from './frame'
import { line, words } from './ink'
import { RULE, SOFT } from './inks'
import type { MapPicture } from './maps'
import type { Drawn, Page } from './page'
import { placed } from './place'
import type { SheetWords } from './words'
import { wrapped } from './wrapped'

/** Words of a chart beyond those that every sheet has. */
export interface ChartWords extends SheetWords {
  readonly key: (row: ChartRow) => string
  readonly signs: (row: ChartRow) => string
  readonly group: (group: ChartGroup) => string
  readonly player: (line: ChartLine) => string
  /** What to hold on to: where the fourth finger lies. */
  readonly landmark: (row: ChartRow) => string
}

/** Keys of one kind; its title is nothing where it is the only one. */
interface ChartPart {
  readonly title: string
  /** What holds for each hand in all keys, in a sentence each. */
  readonly rules: readonly string[]
  readonly groups: readonly ChartGroup[]
}

export interface Chart extends Leaf {
  readonly words: ChartWords
  readonly parts: readonly ChartPart[]
}

const BLACK_KEYS = new Set([1, 3, 6, 8, 10])
const [KEY_WIDTH, NAME_WIDTH, LANDMARK_WIDTH] = [92, 26, 118]
const LANDMARK = { face: 'sans', size: 8.5 } as const
const [GROUP_HEIGHT, LINE_HEIGHT, AFTER_ROW] = [26, 13, 7]

const centred = (
  text: string,
  x: number,
  y: number,
  face: 'serif-bold' | 'sans',
  size: number,
  faces: Faces,
  colour?: string,
): Drawn => words(text, x - faces.width(text, face, size) / 2, y, face, size, colour)

const crossingPath = (x: number, y: number): string => `M${x} ${y}L${x + 3} ${y + 3.5}L${x} ${y + 7}`

/** Pixels of a strip under a row, and how small it is drawn. */
const [STRIP_WIDTH, STRIP_SCALE] = [520, 0.62]
const stripOf = ({ study }: ChartRow): MapPicture | null => picturesOf(study).strip?.(study, STRIP_WIDTH) ?? null

const linesHeight = ({ lines }: ChartRow): number => LINE_HEIGHT * (lines.length + 1)
const rowHeight = (row: ChartRow): number => linesHeight(row) + AFTER_ROW + (stripOf(row)?.height ?? 0) * STRIP_SCALE

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
      ...each.underlined.map((note) => line(`M${column(note) - 4} ${yOf(at) + 2}h8`, 0.9)),
      // a crossing is marked where it lands, on the side of the note before
      ...each.crossings.map((note) => line(crossingPath(column(note) - 9, yOf(at) - 7), 1)),
    ]),
    ...wrapped(chart.words.landmark(row), faces, LANDMARK, LANDMARK_WIDTH - 10).map((text, at, lines) =>
      words(
        text,
        MARGIN + across - LANDMARK_WIDTH + 10,
        nameY + 10 * (at - (lines.length - 1) / 2),
        'sans',
        LANDMARK.size,
        SOFT,
      ),
    ),
    ...(stripOf(row)?.drawn ?? []).map((one) => placed(one, MARGIN + KEY_WIDTH, y + linesHeight(row) + 5, STRIP_SCALE)),
    line(`M${MARGIN} ${y + rowHeight(row) - 3}H${MARGIN + across}`, 0.4, { colour: RULE }),
  ]
}

const titleBlock = ({ title }: ChartPart): Block[] =>
  title === '' ? [] : [{ height: 24, drawn: [words(title, MARGIN, 17, 'serif-bold', 13)], heads: true }]

const [RULE_SIZE, RULE_LEADING] = [10, 13]
/** The rules of the hands, over the keys. */
function rulesBlock({ rules }: ChartPart, faces: Faces, across: number): Block[] {
  if (rules.length === 0) return []
  const lines = rules.flatMap((text) => wrapped(text, faces, { face: 'serif', size: RULE_SIZE }, across))
  return [
    {
      height: RULE_LEADING * lines.length + 8,
      drawn: lines.map((text, at) => words(text, MARGIN, RULE_LEADING * (at + 0.8), 'serif', RULE_SIZE)),
      heads: true,
    },
  ]
}

/** Rows of a group; the first is never torn from what is said of the group, nor that from the kind's own title. */
const blocksOf = (chart: Chart, faces: Faces, across: number): Block[] =>
  chart.parts.flatMap((part) => [
    ...titleBlock(part),
    ...rulesBlock(part, faces, across),
    ...part.groups.flatMap((group) => [
      { height: GROUP_HEIGHT, drawn: [words(chart.words.group(group), MARGIN, 16, 'serif-italic', 11.5)], heads: true },
      ...group.rows.map((row) => ({ height: rowHeight(row), drawn: drawRow(row, 0, chart, faces, across) })),
    ]),
  ])

/** Pages of a chart. */
export const chartPages = (chart: Chart, faces: Faces): Page[] =>
  flowed(blocksOf(chart, faces, acrossOf(chart.paper)), chart, faces)
