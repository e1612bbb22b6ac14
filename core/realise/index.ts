/**
 * Realise: the one door through which pages, server and terminal come into the core. A recipe goes in, a realised
 * study comes out, or an error that names the field.
 */
export { type Accepted, departures, realise, type RealisedHand, type RealisedStudy, takeAlternative } from './realise'
export { handWords, materialWords, octaveWords, titleOf } from './title'
