import { RecipeError } from '../pitch'
import type { Finger, Hand, Stick } from './hand'
import type { StickPin } from './mallets'

/** A finger fixed at one note of one hand; `index` counts the notes of the course from 0. */
export interface NotePin {
  readonly hand: Hand
  readonly index: number
  readonly finger: Finger
}

/** Fingers fixed over successive notes from `from` on: a whole grip. */
export interface GripPin {
  readonly hand: Hand
  readonly from: number
  readonly fingers: readonly Finger[]
}

/** A finger fixed on one degree in every octave; degrees count from 1. On one leg only, or on both. */
export interface DegreePin {
  readonly hand: Hand
  readonly degree: number
  readonly finger: Finger
  readonly leg?: 'up' | 'down'
}

export type Pin = NotePin | GripPin | DegreePin

/** A finger or a stick that is fixed. */
export type AnyPin = Pin | StickPin

export const isGripPin = <P extends AnyPin>(pin: P): pin is Extract<P, { from: number }> => 'from' in pin
export const isDegreePin = <P extends AnyPin>(pin: P): pin is Extract<P, { degree: number }> => 'degree' in pin
export const isNotePin = <P extends AnyPin>(pin: P): pin is Extract<P, { index: number }> => 'index' in pin

const MOST_NOTES = 9999
export const MOST_IN_GRIP = 60
export const MOST_DEGREES = 12

export function whole(value: unknown, least: number, most: number, path: string): number {
  if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) return value
  throw new RecipeError('field.range', `${path} must be a whole number from ${least} to ${most}.`, path)
}

export function oneOf<T extends string | number>(value: unknown, among: readonly T[], path: string): T {
  if ((among as readonly unknown[]).includes(value)) return value as T
  throw new RecipeError('field.unknown', `${path} must be one of: ${among.join(', ')}.`, path)
}

const finger = (value: unknown, path: string): Finger => whole(value, 1, 5, path) as Finger

function gripOf(value: GripPin, hand: Hand, path: string): GripPin {
  const { fingers } = value
  if (!Array.isArray(fingers) || fingers.length === 0 || fingers.length > MOST_IN_GRIP) {
    throw new RecipeError('field.range', `${path}.fingers must list 1 to ${MOST_IN_GRIP} fingers.`, `${path}.fingers`)
  }
  return {
    hand,
    from: whole(value.from, 0, MOST_NOTES, `${path}.from`),
    fingers: fingers.map((each, at) => finger(each, `${path}.fingers[${at}]`)),
  }
}

function degreeOf(value: DegreePin, hand: Hand, path: string): DegreePin {
  return {
    hand,
    degree: whole(value.degree, 1, MOST_DEGREES, `${path}.degree`),
    finger: finger(value.finger, `${path}.finger`),
    ...(value.leg === undefined ? {} : { leg: oneOf(value.leg, ['up', 'down'] as const, `${path}.leg`) }),
  }
}

/** Checks a pin's own fields; whether its notes exist is `fingering`'s to say. @throws RecipeError */
export function checkedPin(value: Pin, at: number): Pin {
  const path = `pins[${at}]`
  if (typeof value !== 'object' || value === null) {
    throw new RecipeError('field.unknown', `${path} must say hand, index and finger.`, path)
  }
  const hand = oneOf(value.hand, ['right', 'left'] as const, `${path}.hand`)
  if (isGripPin(value)) return gripOf(value, hand, path)
  if (isDegreePin(value)) return degreeOf(value, hand, path)
  return {
    hand,
    index: whole(value.index, 0, MOST_NOTES, `${path}.index`),
    finger: finger(value.finger, `${path}.finger`),
  }
}

const stick = (value: unknown, path: string): Stick => oneOf(value, ['R', 'L'] as const, path)

function sticksOf(value: unknown, path: string): readonly Stick[] {
  if (Array.isArray(value) && value.length > 0 && value.length <= MOST_IN_GRIP) {
    return value.map((each, at) => stick(each, `${path}[${at}]`))
  }
  throw new RecipeError('field.range', `${path} must list 1 to ${MOST_IN_GRIP} sticks, R or L.`, path)
}

/** The same for a stick's pin, which names no hand: the stick does. @throws RecipeError */
export function checkedStickPin(value: StickPin, at: number): StickPin {
  const path = `pins[${at}]`
  if (typeof value !== 'object' || value === null) {
    throw new RecipeError('field.unknown', `${path} must say index and stick.`, path)
  }
  const stray = ['hand', 'finger', 'fingers'].find((field) => field in value)
  if (stray) {
    throw new RecipeError('field.instrument', `${path}.${stray} is for fingers; a stick is R or L.`, `${path}.${stray}`)
  }
  if ('from' in value) {
    return {
      from: whole(value.from, 0, MOST_NOTES, `${path}.from`),
      sticks: sticksOf(value.sticks, `${path}.sticks`),
    }
  }
  if ('degree' in value) {
    return {
      degree: whole(value.degree, 1, MOST_DEGREES, `${path}.degree`),
      stick: stick(value.stick, `${path}.stick`),
      ...(value.leg === undefined ? {} : { leg: oneOf(value.leg, ['up', 'down'] as const, `${path}.leg`) }),
    }
  }
  return { index: whole(value.index, 0, MOST_NOTES, `${path}.index`), stick: stick(value.stick, `${path}.stick`) }
}
