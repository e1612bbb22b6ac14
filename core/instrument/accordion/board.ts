import { buttonsError, checkedBassButton } from '../../buttons'
import { oneOf, partOf, someOf, studyError, whole } from '../../study'
import {
  BASS_ROWS,
  BASSES,
  type BassButton,
  BOARD_COLUMNS,
  type BoardColumns,
  type BoardMake,
  boardOf,
  buttonsOn,
  placesOn,
  usualMake,
} from '../../surface'

type Given = Readonly<Record<keyof BoardMake, unknown>>

function columnsFrom(value: unknown, usual: BoardColumns): BoardColumns {
  const path = 'accordion.columns'
  const { from, to } = partOf(value, usual, path)
  const first = whole(from, BOARD_COLUMNS.least, 0, `${path}.from`)
  return { from: first, to: whole(to, 0, BOARD_COLUMNS.most, `${path}.to`) }
}

function buttonList(value: unknown): BassButton[] {
  const path = 'accordion.missing'
  if (!Array.isArray(value)) throw studyError('field.unknown', { field: path, of: 'list', among: '' }, path)
  return value.map((each, at) => checkedBassButton(each, `${path}[${at}]`))
}

/**
 * The board of basses and chords: a usual size, with the rows, columns and missing buttons of somebody's own make. What
 * is named as missing outside its rows and columns is none of it anyway.
 *
 * @throws DomainError naming the field; `bass.rows` where no fundamental is left
 */
export function completeBoard(given: Given): BoardMake {
  const bass = oneOf(given.bass, BASSES, 'accordion.bass')
  const usual = usualMake(bass)
  const named = given.rows === undefined ? usual.rows : someOf(given.rows, BASS_ROWS, 'accordion.rows')
  const rows = BASS_ROWS.filter((row) => named.includes(row))
  const columns = columnsFrom(given.columns ?? {}, usual.columns)
  const without = buttonList(given.missing)
  const missing = placesOn({ ...columns, rows }).filter(({ row, column }) =>
    without.some((each) => each.row === row && each.column === column),
  )
  const make = { bass, rows, columns, missing }
  if (!buttonsOn(boardOf(make)).some(({ row }) => row === 'fundamental')) {
    throw buttonsError('bass.rows', {}, rows.includes('fundamental') ? 'accordion.missing' : 'accordion.rows')
  }
  return make
}
