import type { Message } from '../message'
import type { CommonRecipe } from '../study'
import { instrumentMessage } from './messages'

/** By which hands, and how they move: “hands together”, “contrary motion”. */
export function handsMessage({ hands, motion }: Pick<CommonRecipe, 'hands' | 'motion'>): Message {
  if (hands !== 'together') return instrumentMessage('hands.one', { hand: hands })
  return instrumentMessage(motion === 'contrary' ? 'hands.contrary' : 'hands.together')
}
