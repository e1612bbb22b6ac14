import { stickingError } from './messages'
import { noteParam, fingeringError, fingeringMessage } from '../fingering'
import type { DomainError, Message } from '../message'
import { listed } from '../message'
import { isDegreePin, isGripPin, type Line, type Stick } from '../study'
import type { StickPin } from './pin'

/** A pin with its place in the recipe, and the sticks that it fixes note by note. */
export interface PlacedStickPin {
  readonly pin: StickPin
  readonly at: number
  readonly fixes: readonly { readonly index: number; readonly stick: Stick }[]
}

function missing({ notes }: Line, index: number, path: string): DomainError {
  return fingeringError('pin.note', { of: 'line', count: notes.length, index }, path)
}

function fixesOf(line: Line, degrees: number, pin: StickPin, path: string): PlacedStickPin['fixes'] {
  const { notes } = line
  if (isGripPin(pin)) {
    const last = pin.from + pin.sticks.length - 1
    if (last >= notes.length) throw missing(line, last, pin.from >= notes.length ? `${path}.from` : `${path}.sticks`)
    return pin.sticks.map((stick, at) => ({ index: pin.from + at, stick }))
  }
  if (!isDegreePin(pin)) {
    if (pin.index >= notes.length) throw missing(line, pin.index, `${path}.index`)
    return [{ index: pin.index, stick: pin.stick }]
  }
  if (pin.degree > degrees) {
    throw fingeringError('pin.degree', { of: 'line', degree: pin.degree, degrees }, `${path}.degree`)
  }
  return notes.flatMap((note, index) => {
    const lowest = notes[index - 1]?.step !== note.step
    const fits = note.degree === pin.degree - 1 && (pin.leg === undefined || pin.leg === note.leg) && lowest
    return fits ? [{ index, stick: pin.stick }] : []
  })
}

/**
 * The pins of a line. Every pin must name notes of the line, and no two may give one note different sticks.
 * @throws DomainError `pin.note`, `pin.degree`, `pin.conflict`
 */
export function placedStickPins(pins: readonly StickPin[], line: Line, degrees: number): PlacedStickPin[] {
  const placed = pins.map((pin, at) => ({ pin, at, fixes: fixesOf(line, degrees, pin, `pins[${at}]`) }))
  const taken = new Map<number, { stick: Stick; by: PlacedStickPin }>()
  for (const by of placed) {
    for (const { index, stick } of by.fixes) {
      const other = taken.get(index)
      if (other && other.stick !== stick) throw stickConflict(line, [other.by, by], 'none')
      taken.set(index, { stick, by })
    }
  }
  return placed
}

function pinMessage(line: Line, { pin }: PlacedStickPin): Message {
  const at = (index: number) => ({ note: noteParam(line.notes[index]!.pitch), number: index + 1 })
  if (isGripPin(pin)) return fingeringMessage('pin.run', { marks: pin.sticks.join(' '), ...at(pin.from) })
  if (!isDegreePin(pin)) return fingeringMessage('pin.note', { mark: pin.stick, ...at(pin.index) })
  return fingeringMessage('pin.degree', { mark: pin.stick, degree: pin.degree })
}

/** Pins that cannot stand together, or not under a school's rule. */
export const stickConflict = (line: Line, pins: readonly PlacedStickPin[], because: Message | 'none'): DomainError =>
  stickingError(
    'pin.conflict',
    { of: 'line', pins: listed(pins.map((pin) => pinMessage(line, pin))), count: pins.length, because },
    `pins[${pins.at(-1)!.at}]`,
    { pins: pins.map(({ pin }) => pin) },
  )
