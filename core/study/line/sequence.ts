import { oneOf, whole } from '../checks'
import { studyError } from '../messages'
import { partOf } from '../part'
import { completeMotif, type Motif } from './motif'

/** Which way the root moves first: as the course goes, or always so. */
export const DIRECTIONS = ['course', 'up', 'down'] as const
/** How a motif comes back: upside down, back to front, as it went, or not at all. */
export const RETURNS = ['mirrored', 'retrograde', 'same', 'none'] as const

export type Direction = (typeof DIRECTIONS)[number]
export type Return = (typeof RETURNS)[number] | { readonly motif: Motif }

/** How a motif moves from degree to degree, and how it comes back. */
export interface Sequence {
  /** Degrees from one root to the next; 0 where it stays. */
  readonly step: number
  readonly direction: Direction
  readonly return: Return
}

export const MAX_STEP = 7
export const PLAIN_SEQUENCE: Sequence = { step: 1, direction: 'course', return: 'mirrored' }

/** @throws DomainError naming the field */
export function completeSequence(value: unknown): Sequence {
  const given = partOf(value, PLAIN_SEQUENCE, 'pattern.sequence')
  return {
    step: whole(given.step, 0, MAX_STEP, 'pattern.sequence.step'),
    direction: oneOf(given.direction, DIRECTIONS, 'pattern.sequence.direction'),
    return: completeReturn(given.return),
  }
}

function completeReturn(value: unknown): Return {
  const path = 'pattern.sequence.return'
  if (typeof value !== 'object' || value === null) return oneOf(value as string, RETURNS, path) as Return
  const { motif } = value as { motif?: unknown }
  const complete = completeMotif(motif, `${path}.motif`)
  if (complete) return { motif: complete }
  throw studyError('field.unknown', { field: path, of: 'choice', among: RETURNS.join(', ') }, path)
}

export const isPlainSequence = ({ step, direction, return: back }: Sequence): boolean =>
  step === PLAIN_SEQUENCE.step && direction === PLAIN_SEQUENCE.direction && back === PLAIN_SEQUENCE.return
