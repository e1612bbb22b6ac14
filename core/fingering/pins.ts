import { conflictAmong } from '../solver'
import { listed, type Message, type DomainError } from '../message'
import { type Finger, isDegreePin, isGripPin, type Line } from '../study'
import type { Pin } from './pin'
import type { FingeredRecipe } from './settings'
import type { Condition } from './ring'
import type { Allowed } from './run'
import { noteParam } from './words'
import { fingeringError, fingeringMessage } from './messages'
import type { HandStep } from './steps'

/** A pin with its place in the recipe, so that errors can name it, and the fingers that it fixes, note by note. */
export interface PlacedPin {
  readonly pin: Pin
  readonly at: number
  readonly fixes: readonly { readonly index: number; readonly finger: Finger }[]
}

function missing(line: Line, index: number, path: string): DomainError {
  return fingeringError('pin.note', { of: line.hand, count: line.notes.length, index }, path)
}

function fixesOf(line: Line, degrees: number, pin: Pin, path: string): PlacedPin['fixes'] {
  const { notes } = line
  if (isGripPin(pin)) {
    const last = pin.from + pin.fingers.length - 1
    if (last >= notes.length) throw missing(line, last, pin.from >= notes.length ? `${path}.from` : `${path}.fingers`)
    return pin.fingers.map((finger, at) => ({ index: pin.from + at, finger }))
  }
  if (isDegreePin(pin)) return degreeFixes(line, degrees, pin, `${path}.degree`)
  if (pin.index >= notes.length) throw missing(line, pin.index, `${path}.index`)
  return [{ index: pin.index, finger: pin.finger }]
}

function degreeFixes(
  { hand, notes }: Line,
  degrees: number,
  pin: { degree: number; finger: Finger; leg?: 'up' | 'down' },
  path: string,
): PlacedPin['fixes'] {
  if (pin.degree > degrees) {
    throw fingeringError('pin.degree', { of: hand, degree: pin.degree, degrees }, path)
  }
  return notes.flatMap((note, index) => {
    // of a double note, the lower one is meant
    const lowest = index === 0 || notes[index - 1]!.step !== note.step
    const fits =
      note.degree === pin.degree - 1 && !note.link && (pin.leg === undefined || pin.leg === note.leg) && lowest
    return fits ? [{ index, finger: pin.finger }] : []
  })
}

/**
 * The pins of one hand. Every pin must name notes of the line, and no two may give one note different fingers.
 * @param degrees how many degrees the material has; 0 where it has none
 * @throws DomainError `pin.note`, `pin.degree`, `pin.conflict`
 */
export function placedPins(recipe: FingeredRecipe, line: Line, degrees: number): PlacedPin[] {
  const placed = recipe.pins.flatMap((pin, at): PlacedPin[] =>
    pin.hand === line.hand ? [{ pin, at, fixes: fixesOf(line, degrees, pin, `pins[${at}]`) }] : [],
  )
  const taken = new Map<number, { finger: Finger; by: PlacedPin }>()
  for (const by of placed) {
    for (const { index, finger } of by.fixes) {
      const other = taken.get(index)
      if (other && other.finger !== finger) throw conflict(line, [other.by, by])
      taken.set(index, { finger, by })
    }
  }
  return placed
}

function pinMessage(line: Line, { pin }: PlacedPin): Message {
  const at = (index: number) => ({ note: noteParam(line.notes[index]!.pitch), number: index + 1 })
  if (isGripPin(pin)) return fingeringMessage('pin.run', { marks: pin.fingers.join(' '), ...at(pin.from) })
  if (!isDegreePin(pin)) return fingeringMessage('pin.note', { mark: pin.finger, ...at(pin.index) })
  return fingeringMessage('pin.degree', { mark: pin.finger, degree: pin.degree })
}

const conflict = (line: Line, pins: readonly PlacedPin[]): DomainError =>
  fingeringError(
    'pin.conflict',
    { of: line.hand, pins: listed(pins.map((pin) => pinMessage(line, pin))), count: pins.length, because: 'none' },
    `pins[${pins.at(-1)!.at}]`,
    { pins: pins.map(({ pin }) => pin) },
  )

/** Which fingers some pins leave to each step. */
export function allowedBy(steps: readonly HandStep[], pins: readonly PlacedPin[]): Allowed | undefined {
  if (pins.length === 0) return undefined
  const fixed = new Map(pins.flatMap(({ fixes }) => fixes.map(({ index, finger }) => [index, finger])))
  return (at, struckFingers) =>
    steps[at]!.notes.every((note, voice) => {
      const finger = fixed.get(note)
      return finger === undefined || struckFingers[voice] === finger
    })
}

/** The smallest part of some pins that cannot stand together, as an error. */
export const conflictOf = (
  line: Line,
  pins: readonly PlacedPin[],
  feasible: (some: readonly PlacedPin[]) => boolean,
): DomainError => conflict(line, conflictAmong(pins, feasible))

/** What pins on degrees ask of the octave's pattern. */
export const conditionsOf = (pins: readonly PlacedPin[]): Condition[] =>
  pins.flatMap(({ pin }) =>
    isDegreePin(pin) ? [{ degree: pin.degree - 1, leg: pin.leg ?? 'both', finger: pin.finger }] : [],
  )
