import { printedName, RecipeError } from '../pitch'
import { isDegreePin, isGripPin, type Line, type Stick } from '../study'
import type { StickPin } from './pin'

/** A pin with its place in the recipe, and the sticks that it fixes note by note. */
export interface PlacedStickPin {
  readonly pin: StickPin
  readonly at: number
  readonly fixes: readonly { readonly index: number; readonly stick: Stick }[]
}

function missing({ notes }: Line, index: number, path: string): RecipeError {
  const words = `The line has ${notes.length} notes, counted from 0; there is no note ${index}.`
  return new RecipeError('pin.note', words, path)
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
    const words = degrees === 0 ? 'These notes have no degrees.' : `There are ${degrees} degrees, counted from 1.`
    throw new RecipeError('pin.degree', `There is no degree ${pin.degree}. ${words}`, `${path}.degree`)
  }
  return notes.flatMap((note, index) => {
    const lowest = notes[index - 1]?.step !== note.step
    const fits = note.degree === pin.degree - 1 && (pin.leg === undefined || pin.leg === note.leg) && lowest
    return fits ? [{ index, stick: pin.stick }] : []
  })
}

/**
 * The pins of a line. Every pin must name notes of the line, and no two may give one note different sticks.
 * @throws RecipeError `pin.note`, `pin.degree`, `pin.conflict`
 */
export function placedStickPins(pins: readonly StickPin[], line: Line, degrees: number): PlacedStickPin[] {
  const placed = pins.map((pin, at) => ({ pin, at, fixes: fixesOf(line, degrees, pin, `pins[${at}]`) }))
  const taken = new Map<number, { stick: Stick; by: PlacedStickPin }>()
  for (const by of placed) {
    for (const { index, stick } of by.fixes) {
      const other = taken.get(index)
      if (other && other.stick !== stick) throw stickConflict(line, [other.by, by], '')
      taken.set(index, { stick, by })
    }
  }
  return placed
}

function pinWords(line: Line, { pin }: PlacedStickPin): string {
  const name = (index: number): string => printedName(line.notes[index]!.pitch)
  if (isGripPin(pin)) return `${pin.sticks.join(' ')} from ${name(pin.from)} (note ${pin.from + 1})`
  if (!isDegreePin(pin)) return `${pin.stick} on ${name(pin.index)} (note ${pin.index + 1})`
  return `${pin.stick} on degree ${pin.degree} in every octave`
}

/** Pins that cannot stand together, or not under a school's rule. */
export function stickConflict(line: Line, pins: readonly PlacedStickPin[], because: string): RecipeError {
  const words = pins.map((pin) => pinWords(line, pin))
  const listed = words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : words[0]!
  return new RecipeError(
    'pin.conflict',
    `The sticks cannot take ${listed}${words.length > 1 ? ' together' : ''}${because}.`,
    `pins[${pins.at(-1)!.at}]`,
    { pins: pins.map(({ pin }) => pin) },
  )
}
