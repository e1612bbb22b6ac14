import type { Message } from '../message'
import { type Hand, isDegreePin, isGripPin, type PlacedMark } from '../study'
import { instrumentMessage } from './messages'

/** A pin as a called line says it back; `marks` are what it fixes, in order. */
export function pinMessage(pin: PlacedMark, marks: readonly (string | number)[], hand: Hand | 'none'): Message {
  const all = marks.join(' ')
  if (isGripPin(pin)) return instrumentMessage('said.pin-run', { marks: all, note: pin.from + 1, hand })
  if (!isDegreePin(pin)) {
    return instrumentMessage('said.pin', { mark: all, note: (pin as { index: number }).index + 1, hand })
  }
  return instrumentMessage('said.pin-degree', { mark: all, degree: pin.degree, leg: pin.leg ?? 'both', hand })
}
