import type { Message } from '../message'
import type { CommonRecipe } from '../study'
import { tellInstrument } from './messages'

/** By which hands, and how they move: “hands together”, “contrary motion”. */
export function handsTold({ hands, motion }: Pick<CommonRecipe, 'hands' | 'motion'>): Message {
  if (hands !== 'together') return tellInstrument('hands.one', { hand: hands })
  return tellInstrument(motion === 'contrary' ? 'hands.contrary' : 'hands.together')
}
