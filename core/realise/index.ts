/**
 * Realise: the one door through which pages, server and terminal come into the core. A recipe goes in, a realised
 * study comes out, or an error that names the field.
 */
export {
  type Accepted,
  departures,
  materialFor,
  pinnedNotes,
  realise,
  type RealisedHand,
  type RealisedStudy,
  takeAlternative,
} from './realise'
export { apartWords, handWords, materialWords, octaveWords, titleOf } from './title'
