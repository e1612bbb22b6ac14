import { conflictAmong } from '../solver'
import { noteParam, type PinnedLine, fingeringError, fingeringMessage } from '../fingering'
import { listed, type Message, type DomainError } from '../message'
import { isDegreePin, isGripPin, type Line } from '../study'
import { type ButtonPin, isButtonPin, isRowPin } from './pin'
import type { Allowed, Press } from './press'
import { type BassButton, buttonNote } from '../surface'
import { buttonsMessage } from './messages'
import type { AccordionPin } from './settings'

/** A pin with its place in the recipe, and what it leaves to each note it fixes. */
export interface PlacedPress<B> {
  readonly pin: AccordionPin
  readonly at: number
  readonly fixes: readonly { readonly index: number; readonly allows: (press: Press<B>) => boolean }[]
}

/** Whether a button is the one that a pin names. */
export type IsButton<B> = (button: B, pin: ButtonPin) => boolean

const absent = (line: Line, of: PinnedLine, index: number, path: string): DomainError =>
  fingeringError('pin.note', { of, count: line.notes.length, index }, path)

function fixesOf<B>(line: Line, degrees: number, pin: AccordionPin, path: string, isButton: IsButton<B>) {
  const { notes, hand } = line
  if (isButtonPin(pin)) {
    if (pin.index >= notes.length) throw absent(line, hand, pin.index, `${path}.index`)
    return [{ index: pin.index, allows: ({ button }: Press<B>) => isButton(button, pin) }]
  }
  if (isGripPin(pin)) {
    const last = pin.from + pin.fingers.length - 1
    if (last >= notes.length) throw absent(line, hand, last, `${path}.${pin.from >= notes.length ? 'from' : 'fingers'}`)
    return pin.fingers.map((finger, at) => ({
      index: pin.from + at,
      allows: (press: Press<B>) => press.finger === finger,
    }))
  }
  const allows = (press: Press<B>): boolean => press.finger === pin.finger
  if (!isDegreePin(pin)) {
    if (pin.index >= notes.length) throw absent(line, hand, pin.index, `${path}.index`)
    return [{ index: pin.index, allows }]
  }
  if (pin.degree > degrees) {
    throw fingeringError('pin.degree', { of: hand, degree: pin.degree, degrees }, `${path}.degree`)
  }
  return notes.flatMap((note, index) => {
    const lowest = notes[index - 1]?.step !== note.step
    const fits = note.degree === pin.degree - 1 && (pin.leg === undefined || pin.leg === note.leg) && lowest
    return fits ? [{ index, allows }] : []
  })
}

/** The pins of a line, each with the notes that it fixes. @throws DomainError `pin.note`, `pin.degree` */
export const placedPresses = <B>(
  pins: readonly AccordionPin[],
  line: Line,
  degrees: number,
  isButton: IsButton<B>,
): PlacedPress<B>[] =>
  pins.flatMap((pin, at) =>
    pin.hand === line.hand ? [{ pin, at, fixes: fixesOf(line, degrees, pin, `pins[${at}]`, isButton) }] : [],
  )

/** What some pins leave to every note. */
export function allowedBy<B>(pins: readonly PlacedPress<B>[]): Allowed<B> | undefined {
  if (pins.length === 0) return undefined
  const fixed = new Map<number, ((press: Press<B>) => boolean)[]>()
  for (const { index, allows } of pins.flatMap(({ fixes }) => fixes)) {
    fixed.set(index, [...(fixed.get(index) ?? []), allows])
  }
  return (index, press) => (fixed.get(index) ?? []).every((allows) => allows(press))
}

/** A pin in a sentence: its mark, the note, and the note's number in the line. */
function pinMessage<B>(line: Line, { pin }: PlacedPress<B>): Message {
  const at = (index: number) => ({ note: noteParam(line.notes[index]!.pitch), number: index + 1 })
  if (isButtonPin(pin)) return buttonsMessage('pin.button', { button: pinnedButton(pin), ...at(pin.index) })
  if (isGripPin(pin)) return fingeringMessage('pin.run', { marks: pin.fingers.join(' '), ...at(pin.from) })
  if (isDegreePin(pin)) return fingeringMessage('pin.degree', { mark: pin.finger, degree: pin.degree })
  return fingeringMessage('pin.note', { mark: pin.finger, ...at(pin.index) })
}

/** A button of the board in a sentence: its row, and the column by its bass. */
export const buttonMessage = ({ row, column }: BassButton): Message =>
  buttonsMessage('button.bass', { row, of: noteParam(buttonNote({ row: 'fundamental', column })) })

/** The button of a pin, as a line names it. */
export const pinnedButton = (pin: ButtonPin): Message =>
  isRowPin(pin) ? buttonsMessage('button.treble', { row: pin.button[0] }) : buttonMessage(pin.button)

/** The smallest part of some pins that cannot stand together, as an error. */
export function pressConflict<B>(
  line: Line,
  pins: readonly PlacedPress<B>[],
  feasible: (some: readonly PlacedPress<B>[]) => boolean,
): DomainError {
  const among = conflictAmong(pins, feasible)
  const named = listed(among.map((pin) => pinMessage(line, pin)))
  return fingeringError(
    'pin.conflict',
    { of: line.hand, pins: named, count: among.length, because: 'none' },
    `pins[${among.at(-1)!.at}]`,
    { pins: among.map(({ pin }) => pin) },
  )
}
