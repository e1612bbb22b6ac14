import { RecipeError } from '../pitch'
import type { PlacedMark, CommonInput } from '../study'

/** The pins of a recipe as it is written, each checked. @throws RecipeError */
export function checkedPins<P extends PlacedMark>(input: CommonInput, check: (pin: P, at: number) => P): P[] {
  const { pins = [] } = input
  if (!Array.isArray(pins)) throw new RecipeError('field.unknown', 'pins must be a list.', 'pins')
  return (pins as readonly P[]).map(check)
}

/** @throws RecipeError `accepted.length` where what was accepted is not one mark a note */
export function checkAccepted(
  notes: number,
  marks: readonly unknown[] | undefined,
  player: string,
  words: (notes: number, marks: number) => string,
): void {
  if (!marks || marks.length === notes) return
  throw new RecipeError('accepted.length', words(notes, marks.length), `accepted.${player}`)
}
