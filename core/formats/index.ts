/**
 * Formats: studies and sets in and out by open formats. One table says what there is; each format has a file, or a
 * folder, of its own. Texts come from whoever writes; nothing here stores anything.
 */
export type { FormatErrors } from './messages'
export { openFile } from './open'
export type { Bundle, Piece } from './piece'
export { type FoundPiece, type FoundStudy, studiesIn } from './reading'
export { FORMAT_IDS, formatIn, type FormatId, formatOf, FORMATS, type WriteOptions } from './table'
