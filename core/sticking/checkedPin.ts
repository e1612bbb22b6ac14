import { MAX_DEGREES, MAX_IN_GRIP, MAX_NOTES, oneOf, studyError, type Stick, whole } from '../study'
import { stickingError } from './messages'
import type { StickPin } from './pin'

const stick = (value: unknown, path: string): Stick => oneOf(value, ['R', 'L'] as const, path)

function sticksOf(value: unknown, path: string): readonly Stick[] {
  if (Array.isArray(value) && value.length > 0 && value.length <= MAX_IN_GRIP) {
    return value.map((each, at) => stick(each, `${path}[${at}]`))
  }
  throw studyError('field.range', { field: path, of: 'sticks', least: 1, most: MAX_IN_GRIP }, path)
}

/** The same for a stick's pin, which names no hand: the stick does. @throws DomainError */
export function checkedStickPin(value: StickPin, at: number): StickPin {
  const path = `pins[${at}]`
  if (typeof value !== 'object' || value === null) {
    throw studyError('field.unknown', { field: path, of: 'stick-pin', among: '' }, path)
  }
  const stray = ['hand', 'finger', 'fingers'].find((field) => field in value)
  if (stray) {
    const field = `${path}.${stray}`
    throw stickingError('field.instrument', { field, for: 'fingers', instrument: 'sticks' }, field)
  }
  if ('from' in value) {
    return {
      from: whole(value.from, 0, MAX_NOTES, `${path}.from`),
      sticks: sticksOf(value.sticks, `${path}.sticks`),
    }
  }
  if ('degree' in value) {
    return {
      degree: whole(value.degree, 1, MAX_DEGREES, `${path}.degree`),
      stick: stick(value.stick, `${path}.stick`),
      ...(value.leg === undefined ? {} : { leg: oneOf(value.leg, ['up', 'down'] as const, `${path}.leg`) }),
    }
  }
  return { index: whole(value.index, 0, MAX_NOTES, `${path}.index`), stick: stick(value.stick, `${path}.stick`) }
}
