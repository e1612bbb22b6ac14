/**
 * Material: what is played. Scales, modes, chords and double notes as intervals over a tonic, spelled, with key
 * signature and enharmonic twin. Octaves, hands and courses come later, in `study`.
 */
export { FAMILIES, type Family, type Kind, KIND_IDS, type KindId, type Texture } from './kind'
export { FREE, inversionsOf, KINDS } from './kinds'
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
export { keyNamed, kindNamed, type MaterialErrors, type MaterialMessages, tellMaterial } from './messages'
export { MOST_SIGNS, signatureOf, twinOf, usualTonics } from './tonics'
