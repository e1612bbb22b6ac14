/**
 * Surfaces: where notes lie under the hand, in millimetres. The piano's 88 keys, and the bars of mallet instruments
 * in two rows; every further instrument is another file here.
 */
export { type MalletFamily, type Bar, deadZones, NODE, placeOf, strikePoint } from './bars'
export { barsFor, MALLET_INSTRUMENTS, malletInstrument } from './mallets'
export { isBlack, type Key, keyAt, keyDistance, PIANO } from './piano'
export {
  BAR_RANGES,
  type BarSettings,
  MALLET_IDS,
  type MalletId,
  type Strike,
  STRIKES,
  USUAL_BARS,
} from './barSettings'
