import { instrumentError } from './messages'
import { type PlacedMark, type CommonInput, studyError } from '../study'

/** The pins of a recipe as it is written, each checked. @throws DomainError */
export function checkedPins<P extends PlacedMark>(input: CommonInput, check: (pin: P, at: number) => P): P[] {
  const { pins = [] } = input
  if (!Array.isArray(pins)) throw studyError('field.unknown', { field: 'pins', of: 'list', among: '' }, 'pins')
  return (pins as readonly P[]).map(check)
}

/** @throws DomainError `accepted.length` where what was accepted is not one mark a note */
export function checkAccepted(notes: number, marks: readonly unknown[] | undefined, player: string): void {
  if (!marks || marks.length === notes) return
  throw instrumentError('accepted.length', { of: player, notes, marks: marks.length }, `accepted.${player}`)
}
