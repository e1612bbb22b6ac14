import { printedName } from '#core/pitch'
import {
  type BassButton,
  type BassRow,
  boardOf,
  boardSpot,
  buttonNote,
  buttonsOn,
  CHORD_SIGNS,
  type ChordHabit,
  chordName,
  isChordRow,
} from '#core/surface'
import { boardMarks, type MapMark, nameOf } from './marks'
import type { AccordionStudy } from './study'

/** A button of the board, where it stands, with what is played on it. */
export interface BoardButton {
  readonly key: string
  readonly row: BassRow
  readonly x: number
  readonly y: number
  /** Its note, or the root of its chord, as it is printed. */
  readonly name: string
  /** The same with its row, where it is a chord: `Am`. */
  readonly called: string
  /** The one by which the hand finds its way without looking: C among the basses. */
  readonly dimpled: boolean
  readonly mark: Omit<MapMark<unknown>, 'spot'> | null
}

/** The bass board in pixels. */
export interface BoardMap {
  readonly width: number
  readonly height: number
  readonly radius: number
  readonly rows: readonly { readonly row: BassRow; readonly x: number; readonly y: number }[]
  readonly buttons: readonly BoardButton[]
  /** The way of the hand from button to button, in the order in which they come; a path. */
  readonly path: string
}

/** What a button is called: its note, or its chord as readers know it. */
function calledIn(chords: ChordHabit, button: BassButton): string {
  const root = buttonNote(button)
  if (!isChordRow(button.row)) return printedName(root)
  return chords === 'names' ? chordName(root, button.row) : printedName(root) + CHORD_SIGNS[button.row]
}

interface Frame {
  readonly width: number
  readonly step: number | null
  /** As one looks at the instrument, the chin above; else as the hand behind it finds it, the chin on the right. */
  readonly facing: boolean
  /** Room for what the rows are called, on the left. */
  readonly labels: number
  /** Columns that are shown beyond those that are played; all where it is null. */
  readonly around: number | null
  /** Rows that are shown: all, or those that are played. */
  readonly rows?: 'all' | 'played'
  readonly chords?: ChordHabit
}

const PAD = 12
const GAP = { column: 38, row: 27 } as const
const FACING = { column: 17.5, row: 27 } as const
const WIDEST_DISC = 8.6

/** Columns of the board that a frame shows. */
function columnsShown({ bass, recipe }: AccordionStudy, around: number | null): readonly [from: number, to: number] {
  const { from, to } = boardOf(recipe.accordion)
  if (around === null || !bass) return [from, to]
  const played = bass.buttons.map(({ column }) => column)
  return [Math.max(from, Math.min(...played) - around), Math.min(to, Math.max(...played) + around)]
}

/** The board with the rows that a frame shows. */
function rowsShown({ bass, recipe }: AccordionStudy, { rows = 'all' }: Frame) {
  const board = boardOf(recipe.accordion)
  if (rows === 'all' || !bass) return board
  return { ...board, rows: board.rows.filter((row) => bass.buttons.some((button) => button.row === row)) }
}

/** The board with the left hand's fingers on it. */
export function boardMapOf(study: AccordionStudy, frame: Frame): BoardMap {
  const { width, step, facing, labels, around, chords = 'signs' } = frame
  const board = rowsShown(study, frame)
  const [from, to] = columnsShown(study, around)
  const buttons = buttonsOn(board).filter(({ column }) => column >= from && column <= to)
  const along = buttons.map((button) => boardSpot(button).along)
  const [least, most] = [Math.min(...along), Math.max(...along)]
  const fits = Math.max(0, Math.min(GAP.column, (width - labels - 2 * PAD) / (most - least + 1)))
  const column = facing ? FACING.column : fits
  /** Rows lie as they come on this board; one that is spared leaves no gap. */
  const rowAt = (row: BassRow): number => board.rows.indexOf(row)
  const spotOf = (button: BassButton): { x: number; y: number } => {
    const { along: at } = boardSpot(button)
    return facing
      ? { x: PAD + 10 + rowAt(button.row) * FACING.row, y: PAD + 24 + (most - at) * column }
      : { x: labels + PAD + (at - least) * column, y: PAD + 6 + rowAt(button.row) * GAP.row }
  }
  const marks = boardMarks(study, step)
  const played = new Map(marks.map(({ spot, ...mark }) => [nameOf(spot), mark]))
  const way = [...marks].sort((a, b) => a.index - b.index).map(({ spot }) => spotOf(spot))
  return {
    width: facing ? 2 * PAD + 20 + board.rows.length * FACING.row : width,
    height: facing ? 2 * PAD + 30 + (most - least) * column : 2 * PAD + 8 + (board.rows.length - 1) * GAP.row,
    radius: Math.min(WIDEST_DISC, column * 0.44),
    rows: board.rows.map((row) =>
      facing
        ? { row, x: PAD + 10 + rowAt(row) * FACING.row, y: PAD + 4 }
        : { row, x: labels - 4, y: PAD + 10 + rowAt(row) * GAP.row },
    ),
    buttons: buttons.map((button) => ({
      ...{ key: nameOf(button), row: button.row, ...spotOf(button) },
      name: printedName(buttonNote(button)),
      called: calledIn(chords, button),
      dimpled: button.row === 'fundamental' && button.column === 0,
      mark: played.get(nameOf(button)) ?? null,
    })),
    path: way.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join(' '),
  }
}
