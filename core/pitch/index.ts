/**
 * Pitch: how notes are written and where they sound. Spelled notes and pitches, intervals that keep the
 * letter right, key signatures. Nothing here knows a scale or an instrument.
 */
export { type Interval, intervalTo, noteAbove, pitchAbove } from './interval'
export {
  LETTERS,
  letterIndex,
  midiOf,
  modulo,
  noteName,
  parseNote,
  parsePitch,
  pitchClass,
  pitchName,
  printedName,
  staffPlace,
  type Letter,
  type Note,
  type Pitch,
} from './note'
export { type PitchErrors, pitchError } from './messages'
export { NAME_SYSTEMS, nameIn, type NameSystem, type Naming, NAMINGS } from './names'
export { spelled } from './spelled'
export { fifthsOf, signatureAlteration, signatureLetters } from './signature'
