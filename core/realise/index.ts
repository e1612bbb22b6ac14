/**
 * Realise: the one door through which pages, server and terminal come into the core. A recipe goes in, a realised
 * study comes out, or an error that names the field.
 */
export { materialFor } from './material'
export { type RealiseErrors, type RealiseMessages, titleMessage, type TitleMessages } from './messages'
export { bookendsMessage, choiceMessage, courseMessage, journeyMessages, rhythmMessage, shapeMessage } from './shape'
export {
  type Accepted,
  acceptedMarks,
  acceptedOf,
  crossingsOf,
  departures,
  inkOf,
  lineFor,
  marksOf,
  othersOf,
  pinnedNotes,
  PLAYERS,
  playersIn,
  stretchesOf,
  takesPins,
  underlinedIn,
} from './players'
export { fittedRecipe, realise, takeAlternative } from './realise'
export { notesMessages } from './notesFound'
export { laidDown, notesIn } from './size'
export type { RealisedStudy } from './study'
export { apartMessage, materialName, octavesMessage, titleOf, type TitleParts, titleParts } from './title'
