import {
  type Finger,
  type Hand,
  isDegreePin,
  isGripPin,
  MAX_DEGREES,
  MAX_IN_GRIP,
  MAX_NOTES,
  oneOf,
  studyError,
  whole,
} from '../study'

/** A finger fixed at one note of one hand; `index` counts the notes of the course from 0. */
interface NotePin {
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
interface DegreePin {
  readonly hand: Hand
  readonly degree: number
  readonly finger: Finger
  readonly leg?: 'up' | 'down'
}

export type Pin = NotePin | GripPin | DegreePin

const finger = (value: unknown, path: string): Finger => whole(value, 1, 5, path) as Finger

function gripOf(value: GripPin, hand: Hand, path: string): GripPin {
  const { fingers } = value
  if (!Array.isArray(fingers) || fingers.length === 0 || fingers.length > MAX_IN_GRIP) {
    const field = `${path}.fingers`
    throw studyError('field.range', { field, of: 'fingers', least: 1, most: MAX_IN_GRIP }, field)
  }
  return {
    hand,
    from: whole(value.from, 0, MAX_NOTES, `${path}.from`),
    fingers: fingers.map((each, at) => finger(each, `${path}.fingers[${at}]`)),
  }
}

function degreeOf(value: DegreePin, hand: Hand, path: string): DegreePin {
  return {
    hand,
    degree: whole(value.degree, 1, MAX_DEGREES, `${path}.degree`),
    finger: finger(value.finger, `${path}.finger`),
    ...(value.leg === undefined ? {} : { leg: oneOf(value.leg, ['up', 'down'] as const, `${path}.leg`) }),
  }
}

/** Checks a pin's own fields; whether its notes exist is `fingering`'s to say. @throws DomainError */
export function checkedPin(value: Pin, at: number): Pin {
  const path = `pins[${at}]`
  if (typeof value !== 'object' || value === null) {
    throw studyError('field.unknown', { field: path, of: 'pin', among: '' }, path)
  }
  const hand = oneOf(value.hand, ['right', 'left'] as const, `${path}.hand`)
  if (isGripPin(value)) return gripOf(value, hand, path)
  if (isDegreePin(value)) return degreeOf(value, hand, path)
  return {
    hand,
    index: whole(value.index, 0, MAX_NOTES, `${path}.index`),
    finger: finger(value.finger, `${path}.finger`),
  }
}
