import { modulo, type Note, noteAbove, noteName, pitchClass, printedName } from '../pitch'

/**
 * The bass board of an accordion: columns by fifths, C being 0, upward to the chin; rows from the bellows out. Common
 * practice, as the sizes of the boards are; which rows boards of 32 and 24 buttons have differs by maker (from memory), so
 * they are a setting.
 */
export const BASS_ROWS = ['counterbass', 'fundamental', 'major', 'minor', 'seventh', 'diminished'] as const
export type BassRow = (typeof BASS_ROWS)[number]
/** Rows whose buttons sound a chord. */
export type ChordRow = Exclude<BassRow, 'counterbass' | 'fundamental'>

export const BASSES = [120, 96, 80, 72, 60, 48, 40, 32, 24, 12] as const
export type BassCount = (typeof BASSES)[number]

export interface BassButton {
  readonly row: BassRow
  /** Fifths from C. */
  readonly column: number
}

/** Columns of a board, in fifths from C: the floor's end, the chin's. */
export interface BoardColumns {
  readonly from: number
  readonly to: number
}

/** A board as somebody's instrument has it: a usual size, and what its maker did otherwise. */
export interface BoardMake {
  /** The size that it is sold as, or comes nearest to. */
  readonly bass: BassCount
  /** From the bellows out. */
  readonly rows: readonly BassRow[]
  readonly columns: BoardColumns
  /** Buttons that are not there, of those that its rows and columns would have. */
  readonly missing: readonly BassButton[]
}
/** The same as far as somebody said it. */
export interface SaidMake extends Partial<Omit<BoardMake, 'columns'>> {
  readonly columns?: Partial<BoardColumns>
}

export interface Board extends BoardColumns {
  readonly rows: readonly BassRow[]
  readonly missing: readonly BassButton[]
}

/** How far columns go: beyond these nothing has a name of fewer than three signs. */
export const BOARD_COLUMNS = { least: -12, most: 12 } as const

const BOARDS: Readonly<Record<BassCount, readonly [from: number, to: number, rows: number]>> = {
  120: [-9, 10, 6],
  96: [-7, 8, 6],
  80: [-7, 8, 5],
  72: [-5, 6, 6],
  60: [-5, 6, 5],
  48: [-3, 4, 6],
  40: [-3, 4, 5],
  32: [-3, 4, 4],
  24: [-3, 4, 3],
  12: [-2, 3, 2],
}

/** How many rows a board has. */
export const rowsOn = (bass: BassCount): number => BOARDS[bass][2]

/** Boards of few rows spare the chords first, then the counterbass. */
export function usualRows(bass: BassCount): readonly BassRow[] {
  const count = rowsOn(bass)
  return count >= 4 ? BASS_ROWS.slice(0, count) : BASS_ROWS.slice(1, 1 + count)
}

/** A size as makers usually have it. */
export const usualMake = (bass: BassCount): BoardMake => {
  const [from, to] = BOARDS[bass]
  return { bass, rows: usualRows(bass), columns: { from, to }, missing: [] }
}

export const boardOf = ({ bass = BASSES[0], rows, columns, missing }: SaidMake): Board => {
  const usual = usualMake(bass)
  return { ...usual.columns, ...columns, rows: rows ?? usual.rows, missing: missing ?? usual.missing }
}

const sameButton = (a: BassButton, b: BassButton): boolean => a.row === b.row && a.column === b.column

/** Whether it is as makers usually have that size. */
export const isUsualMake = (make: SaidMake): boolean => {
  const { rows, columns } = usualMake(make.bass ?? BASSES[0])
  const own = boardOf(make)
  const same = own.from === columns.from && own.to === columns.to && own.missing.length === 0
  return same && String(own.rows) === String(rows)
}

const FIFTH = { steps: 4, semitones: 7 }
const FOURTH = { steps: 3, semitones: 5 }
const THIRD = { steps: 2, semitones: 4 }
const C: Note = { letter: 'C', alteration: 0 }

/** The name of a column's fundamental. */
function columnNote(column: number): Note {
  let note = C
  for (let at = 0; at < Math.abs(column); at++) note = noteAbove(note, column > 0 ? FIFTH : FOURTH)
  return note
}

/** What a button is named after: its note, or the root of its chord. */
export function buttonNote({ row, column }: BassButton): Note {
  const root = columnNote(column)
  return row === 'counterbass' ? noteAbove(root, THIRD) : root
}

export const buttonName = (button: BassButton): string => noteName(buttonNote(button))

/** Semitones over the root that sound; a seventh and a diminished chord usually leave out their fifth. */
const TONES: Readonly<Record<BassRow, readonly number[]>> = {
  counterbass: [4],
  fundamental: [0],
  major: [0, 4, 7],
  minor: [0, 3, 7],
  seventh: [0, 4, 10],
  diminished: [0, 3, 9],
}

/** Pitch classes that a button sounds, its root first. */
export const tonesOf = ({ row, column }: BassButton): number[] =>
  TONES[row].map((semitones) => modulo(7 * column + semitones, 12))

/** How a chord's row is written after its root (common practice): `C M`, `C m`, `C 7`, `C d`. */
/** How readers know chords: by the sign of their row (`C` in the staff, `M` over it), or by their names. */
export type ChordHabit = 'signs' | 'names'
const SUFFIXES: Readonly<Record<ChordRow, string>> = { major: '', minor: 'm', seventh: '7', diminished: 'dim' }
/** A chord by its name, as charts of popular music have it (common practice): `A♭`, `Am`, `G7`, `Bdim`. */
export const chordName = (root: Note, row: ChordRow): string => printedName(root) + SUFFIXES[row]

export const CHORD_SIGNS: Readonly<Record<ChordRow, string>> = { major: 'M', minor: 'm', seventh: '7', diminished: 'd' }

export const isChordRow = (row: BassRow): row is ChordRow => row !== 'counterbass' && row !== 'fundamental'

/** Where a board could have buttons, row by row. */
export const placesOn = ({ from, to, rows }: Omit<Board, 'missing'>): BassButton[] =>
  rows.flatMap((row) => Array.from({ length: to - from + 1 }, (_, at) => ({ row, column: from + at })))

/** Every button of a board, row by row. */
export const buttonsOn = (board: Board): BassButton[] =>
  placesOn(board).filter((button) => !board.missing.some((other) => sameButton(button, other)))

/** How many buttons a board has. */
export const boardSize = (make: SaidMake): number => buttonsOn(boardOf(make)).length

/** Buttons of a board that sound a bass note, or a chord of one row on it. */
export function buttonsFor(board: Board, note: Note, chord?: ChordRow): BassButton[] {
  const key = pitchClass(note)
  return buttonsOn(board).filter(
    (button) => (chord ? button.row === chord : !isChordRow(button.row)) && tonesOf(button)[0] === key,
  )
}

/** Each row outward lies so much of a column nearer the chin (common practice; how much differs by maker). */
const SLANT = 0.5

/** Where a button lies: columns toward the chin, and rows out from the bellows. */
export const boardSpot = ({ row, column }: BassButton): { along: number; across: number } => {
  const across = BASS_ROWS.indexOf(row)
  return { along: column + SLANT * across, across }
}
