import { RecipeError } from '../pitch'
import { MOST_DEGREES, MOST_IN_GRIP, MOST_NOTES, oneOf, type Stick, whole } from '../study'

/** A stick fixed at one note; `index` counts the notes of the line from 0. */
interface StickNotePin {
  readonly index: number
  readonly stick: Stick
}
/** Sticks fixed over successive notes from `from` on. */
interface StickRunPin {
  readonly from: number
  readonly sticks: readonly Stick[]
}
/** A stick fixed on one degree in every octave; degrees count from 1. */
interface StickDegreePin {
  readonly degree: number
  readonly stick: Stick
  readonly leg?: 'up' | 'down'
}
export type StickPin = StickNotePin | StickRunPin | StickDegreePin

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
