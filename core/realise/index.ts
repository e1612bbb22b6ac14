/**
 * Realise: the one door through which pages, server and terminal come into the core. A recipe goes in, a realised
 * study comes out, or an error that names the field.
 */
export type { Accepted, RealisedHand } from './hands'
export {
  acceptedMarks,
  acceptedOf,
  handsIn,
  lineFor,
  marksOf,
  type Player,
  PLAYERS,
  playersIn,
  stretchesOf,
} from './players'
export type { RealisedSticking } from './sticks'
export type { RealisedStudy, StudySection } from './study'
export { materialFor } from './parts'
export { departures, pinnedNotes, realise, takeAlternative } from './realise'
export { bookendWords, patternWords, rhythmWords, shapeWords, shapingWords } from './patternWords'
export { hasLead, playedWords } from './playedWords'
export { apartWords, handWords, materialWords, octaveWords, titleOf } from './title'
