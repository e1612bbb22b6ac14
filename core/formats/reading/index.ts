/** What is found in a file, whatever its format, and the studies that it comes to. */
export { chordsOf, type FoundChord, type FoundNote, type FoundPiece, groupedBy, MAX_NOTES, MAX_PIECES } from './found'
export { type FoundStudy, studiesIn } from './studies'
