/** Marks fixed over notes: each family of instruments says what a mark is. `index` counts the notes of a line from 0. */
interface PlacedAtNote {
  readonly index: number
}
/** Over successive notes from `from` on. */
interface PlacedOverRun {
  readonly from: number
}
/** On one degree in every octave, counted from 1; on one leg only, or on both. */
interface PlacedOnDegree {
  readonly degree: number
  readonly leg?: 'up' | 'down'
}
export type PlacedMark = PlacedAtNote | PlacedOverRun | PlacedOnDegree

export const isGripPin = <P extends PlacedMark>(pin: P): pin is Extract<P, { from: number }> => 'from' in pin
export const isDegreePin = <P extends PlacedMark>(pin: P): pin is Extract<P, { degree: number }> => 'degree' in pin
export const isNotePin = <P extends PlacedMark>(pin: P): pin is Extract<P, { index: number }> => 'index' in pin

export const MAX_NOTES = 9999
export const MAX_IN_GRIP = 60
export const MAX_DEGREES = 12
