/** Compare: two realised studies beside each other; which notes, fingers and crossings change, as data and in words. */
export { compareLegs, compareStudies, type Differences } from './compare'
export type { CompareMessages } from './messages'
export { differenceMessage, legMessage } from './words'
