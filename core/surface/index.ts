/**
 * Surfaces: where notes lie under the hand, in millimetres. The piano's 88 keys for now; every further
 * instrument is another file here.
 */
export { isBlack, type Key, keyAt, keyDistance, PIANO } from './piano'
