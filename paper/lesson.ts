import type { RealisedStudy } from '#core/realise'
import type { Faces } from './faces'
import { acrossOf, type Block, flowed, type Leaf } from './flow'
import { MARGIN } from './frame'
import { boxPath, line, shape, words } from './ink'
import { INK, RULE, SOFT } from './inks'
import type { Drawn, Page } from './page'
import { type SheetLook, studyBlocks } from './study'
import { wrapped } from './wrapped'

/** A line of a week: what is played, how, what to watch for, with its music and a box a day. */
export interface LessonSheetLine {
  readonly study: RealisedStudy
  /** Whether its music is printed: what is asked from memory has none. */
  readonly music: boolean
  /** Whose line is printed. */
  readonly hands: SheetLook['hands']
  readonly title: string
  readonly how: string
  readonly minutes: string
  readonly watch: string
  /** Day by day: how it is called in short, and whether the line is practised on it. */
  readonly days: readonly { readonly day: string; readonly on: boolean }[]
}

/** What was set for a week, as one sheet. */
export interface LessonSheet extends Leaf {
  readonly lines: readonly LessonSheetLine[]
  readonly note: string
  readonly how: string
  readonly none: string
  /** The pupil's own page as a code to be read by a phone, row by row, and what it is for; null where there is none. */
  readonly page: { readonly squares: readonly (readonly boolean[])[]; readonly words: string } | null
}

const [TITLE, HOW, WATCH] = [13, 10, 9.5]
const [BOX, STEP] = [10, 34]
const LINE = 13
const LOOK: SheetLook = {
  ...{ fingers: 'all', large: false, names: 'none', grips: false, chordNames: false, stair: false, map: false },
  ...{ bars: 0, hands: 'all', steps: false, book: false },
}

const dotted = (from: number, to: number, y: number): Drawn[] =>
  to > from ? [line(`M${from} ${y}H${to}`, 0.8, { colour: RULE, dash: [0.8, 3] })] : []

/** Number, title and minutes; under them how, and what to watch for; at the right a box for each day. */
function headBlock(own: LessonSheetLine, number: number, faces: Faces, across: number): Block {
  const left = MARGIN + 22
  const boxes = own.days.length * STEP
  const room = across - 22 - boxes - 10
  const minutes = faces.width(own.minutes, 'sans', HOW)
  const end = MARGIN + across - minutes
  const titles = wrapped(own.title, faces, { face: 'serif-bold', size: TITLE }, end - left - 12)
  const title = faces.width(titles.at(-1)!, 'serif-bold', TITLE)
  const lower = 15 * (titles.length - 1)
  const under = [
    ...wrapped(own.how, faces, { face: 'sans', size: HOW }, room).map((text) => ({ text, soft: false })),
    ...(own.watch ? wrapped(own.watch, faces, { face: 'sans', size: WATCH }, room) : []).map((text) => ({
      text,
      soft: true,
    })),
  ]
  const firstBox = MARGIN + across - boxes
  return {
    height: lower + 18 + LINE * Math.max(2, under.length) + 4,
    heads: own.music,
    drawn: [
      words(String(number), MARGIN, TITLE, 'serif', TITLE, SOFT),
      ...titles.map((text, at) => words(text, left, TITLE + 15 * at, 'serif-bold', TITLE)),
      ...dotted(left + title + 6, end - 6, TITLE + lower),
      words(own.minutes, end, TITLE + lower, 'sans', HOW, SOFT),
      ...under.map(({ text, soft }, at) =>
        words(text, left, lower + 28 + LINE * at, 'sans', soft ? WATCH : HOW, ...(soft ? [SOFT] : [])),
      ),
      ...own.days.flatMap(({ day, on }, at) => [
        words(day, firstBox + at * STEP, lower + 27, 'sans', 7.5, SOFT),
        line(boxPath(firstBox + at * STEP, lower + 31, BOX, BOX), on ? 1.1 : 0.5, on ? {} : { colour: RULE }),
      ]),
    ],
  }
}

function paragraph(text: string, faces: Faces, across: number): Block {
  const lines = wrapped(text, faces, { face: 'sans', size: WATCH }, across)
  return {
    height: LINE * lines.length + 8,
    drawn: lines.map((each, at) => words(each, MARGIN, 11 + LINE * at, 'sans', WATCH)),
  }
}

/** Points of one square of a code: a phone reads it at arm's length. */
const SQUARE = 2.1

/** A code with what it is for beside it. */
function codeBlock({ squares, words: text }: NonNullable<LessonSheet['page']>, faces: Faces, across: number): Block {
  const size = squares.length * SQUARE
  const left = MARGIN + size + 14
  const lines = wrapped(text, faces, { face: 'sans', size: HOW }, MARGIN + across - left)
  const d = squares.flatMap((row, y) =>
    row.flatMap((on, x) => (on ? boxPath(MARGIN + x * SQUARE, 6 + y * SQUARE, SQUARE, SQUARE) : [])),
  )
  return {
    height: size + 14,
    drawn: [
      shape(d.join(''), INK),
      ...lines.map((each, at) => words(each, left, 6 + size / 2 + LINE * (at - (lines.length - 1) / 2), 'sans', HOW)),
    ],
  }
}

/** A study's music without its title, which stands over it with the boxes. */
const musicOf = (own: LessonSheetLine, faces: Faces, across: number): Block[] =>
  studyBlocks(
    { study: own.study, title: '', tempo: '', heads: [], tempi: [], step: String },
    { ...LOOK, hands: own.hands },
    faces,
    across,
    { titled: 'none' },
  )

/** Pages of what was set for a week: one, where it fits. */
export function lessonPages({ lines, note, how, none, page, ...leaf }: LessonSheet, faces: Faces): Page[] {
  const across = acrossOf(leaf.paper)
  const blocks = lines.flatMap((own, at) =>
    [headBlock(own, at + 1, faces, across), ...(own.music ? musicOf(own, faces, across) : [])].map((block) => ({
      ...block,
      of: at,
    })),
  )
  const said = [note, how].filter(Boolean).map((text) => paragraph(text, faces, across))
  const code = page ? [codeBlock(page, faces, across)] : []
  const own = blocks.length > 0 ? blocks : [paragraph(none, faces, across)]
  return flowed([...own, ...said, ...code], leaf, faces)
}
