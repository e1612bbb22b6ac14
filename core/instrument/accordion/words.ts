import type { AccordionRecipe } from '../../buttons'
import type { Message } from '../../message'
import { isFree } from '../../study'
import { instrumentMessage } from '../messages'

/** By what, and what the left hand does: “accordion, right hand over alternating bass”. */
export const accordionMessage = ({ hands, accordion }: AccordionRecipe): Message =>
  instrumentMessage('reeds.by', {
    hands,
    part: accordion.left.board === 'free' && hands !== 'right' ? 'free' : accordion.left.part,
  })

/** What else a title says: the bellows, where they do not turn at the top; registers, where more or others sound than 8. */
export function alsoMessage({ accordion: { bellows, registers, left }, material }: AccordionRecipe): Message[] {
  const usual = bellows.turn === 'top' && bellows.first === 'opening'
  return [
    ...(left.every === 2 && left.part === 'alternating' ? [instrumentMessage('reeds.slow')] : []),
    ...(usual || isFree(material)
      ? []
      : [instrumentMessage('reeds.bellows', { turn: bellows.turn, beats: bellows.beats, first: bellows.first })]),
    ...(registers.join() === '8' ? [] : [instrumentMessage('reeds.registers', { registers: registers.join(' + ') })]),
  ]
}
