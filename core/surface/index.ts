/**
 * Surfaces: where notes lie under the hand, in millimetres. The piano's 88 keys, and the bars of mallet instruments
 * in two rows, an accordion's keys, buttons and bass board; every further instrument is another file here.
 */
export {
  BASS_ROWS,
  type BassButton,
  type BassCount,
  BASSES,
  type BassRow,
  type Board,
  BOARD_COLUMNS,
  type BoardColumns,
  type BoardMake,
  boardOf,
  type SaidMake,
  boardSize,
  boardSpot,
  buttonName,
  buttonNote,
  buttonsFor,
  CHORD_SIGNS,
  type ChordHabit,
  chordName,
  buttonsOn,
  type ChordRow,
  isChordRow,
  isUsualMake,
  placesOn,
  rowsOn,
  tonesOf,
  usualMake,
  usualRows,
} from './board'
export {
  allTrebleButtons,
  BUTTON_PITCH,
  buttonSpot,
  type ButtonSystem,
  type ButtonTreble,
  KEY_WIDTHS,
  type KeyTreble,
  type KeyWidth,
  reachOn,
  type Treble,
  type TrebleButton,
  trebleButtons,
  trebleKeys,
  trebleOf,
  PAIRED_MAKES,
  DEFAULT_FREE,
  FREE_LOWEST,
  FREE_LOWS,
  FREE_NOTES,
  FREE_ROWS,
  FREE_SYSTEMS,
  type FreeBass,
  freeBassOf,
  TREBLES,
} from './treble'
export { type MalletFamily, type Bar, deadZones, NODE, placeOf, strikePoint } from './bars'
export { barsFor, MALLET_INSTRUMENTS, malletInstrument } from './mallets'
export { type GroupPlace, groupPlaceOf } from './blackGroups'
export { isBlack, type Key, keyAt, keyDistance, PIANO } from './piano'
export {
  BAR_RANGES,
  type BarSettings,
  MALLET_IDS,
  type MalletId,
  type Strike,
  STRIKES,
  DEFAULT_BARS,
} from './barSettings'
