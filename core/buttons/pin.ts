import type { BassButton } from '../surface'

/** A button of the right hand fixed at one note: row and place. */
export interface TrebleButtonPin {
  readonly hand: 'right'
  readonly index: number
  readonly button: readonly [row: number, place: number]
}
/** A button of the bass board fixed at one note of the left hand. */
export interface BassButtonPin {
  readonly hand: 'left'
  readonly index: number
  readonly button: BassButton
}
export type ButtonPin = TrebleButtonPin | BassButtonPin

export const isButtonPin = (pin: object): pin is ButtonPin => 'button' in pin
