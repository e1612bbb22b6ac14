/**
 * Material: what is played. Scales and arpeggios as intervals over a tonic, spelled so that every scale
 * uses each letter once, with key signature and enharmonic twin. Octaves and hands come later, in `study`.
 */
export { type Kind, KIND_IDS, type KindId, KINDS } from './kinds'
export { kindOf, type Material, materialOf, signatureOf, twinOf, usualTonics } from './material'
