import { refuseInstrument } from './messages'
import { type PlacedMark, type CommonInput, refuseStudy } from '../study'

/** The pins of a recipe as it is written, each checked. @throws RecipeError */
export function checkedPins<P extends PlacedMark>(input: CommonInput, check: (pin: P, at: number) => P): P[] {
  const { pins = [] } = input
  if (!Array.isArray(pins)) throw refuseStudy('field.unknown', { field: 'pins', of: 'list', among: '' }, 'pins')
  return (pins as readonly P[]).map(check)
}

/** @throws RecipeError `accepted.length` where what was accepted is not one mark a note */
export function checkAccepted(notes: number, marks: readonly unknown[] | undefined, player: string): void {
  if (!marks || marks.length === notes) return
  throw refuseInstrument('accepted.length', { of: player, notes, marks: marks.length }, `accepted.${player}`)
}
