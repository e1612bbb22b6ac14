import type { Hand } from '../study'
import type { BassButton } from '../surface'

/** A button in rows fixed at one note: of the right hand's keyboard, or of the left hand's free bass. */
export interface RowButtonPin {
  readonly hand: Hand
  readonly index: number
  readonly button: readonly [row: number, place: number]
}
/** A button of the bass board fixed at one note of the left hand. */
export interface BassButtonPin {
  readonly hand: 'left'
  readonly index: number
  readonly button: BassButton
}
export type ButtonPin = RowButtonPin | BassButtonPin

export const isButtonPin = (pin: object): pin is ButtonPin => 'button' in pin
export const isRowPin = (pin: ButtonPin): pin is RowButtonPin => Array.isArray(pin.button)
