/**
 * Material: what is played. Scales, modes, chords and double notes as intervals over a tonic, spelled, with key
 * signature and enharmonic twin. Octaves, hands and courses come later, in `study`.
 */
export { FREE, inversionsOf, isDiatonic, type Kind, KINDS, leadsToKey, THREE_MINORS } from './kind'
export {
  type BaseId,
  BASE_IDS,
  BASES,
  FAMILIES,
  type Family,
  type Form,
  FORMS,
  KIND_IDS,
  type KindId,
  MAKINGS,
  QUALITIES,
  type Quality,
  type Texture,
  treatedAs,
  type TreatmentId,
} from './kinds'
export {
  freeMaterial,
  intervalAt,
  kindOf,
  type Material,
  materialOf,
  type NamedMaterial,
  type Signature,
  SIGNATURES,
} from './material'
export {
  composedName,
  keyNamed,
  kindInDrawer,
  kindNamed,
  qualityNamed,
  type MaterialErrors,
  type MaterialMessages,
  materialMessage,
} from './messages'
export { scalesOver } from './scalesOver'
export { doubleSignMessages } from './spelling'
export { type Neighbour, neighbourMessage, neighboursOf, stepsMessage } from './neighbours'
export { movedTonic, type Related, relatedTo, startedOn } from './related'
export { allTonics, MAX_SIGNS, signatureOf, signsOf, tonicsOutward, twinOf, usualTonics, writtenTonic } from './tonics'
