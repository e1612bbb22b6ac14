import type { Message } from '../message'
import type { Hand } from '../study'

/** Why a finger is where it is. `indices` are the notes it speaks of, first occurrence first. */
export interface Reason {
  readonly hand: Hand
  readonly kind:
    'crossing' | 'black-thumb' | 'lift' | 'two-way' | 'end' | 'first-finger' | 'joint' | 'pin' | 'shape' | 'row'
  readonly indices: readonly number[]
  readonly message: Message
  /** What the next best would cost more, in the school's points; null where nothing competes. */
  readonly price: number | null
}
