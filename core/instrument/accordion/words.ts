import type { AccordionRecipe } from '../../buttons'
import type { Message } from '../../message'
import { isFree } from '../../study'
import { tellInstrument } from '../messages'

/** By what, and what the left hand does: “accordion, right hand over alternating bass”. */
export const accordionTold = ({ hands, accordion }: AccordionRecipe): Message =>
  tellInstrument('reeds.by', { hands, part: accordion.left.part })

/** What else a title says: the bellows, where they do not turn at the top; registers, where more or others sound than 8. */
export function alsoTold({ accordion: { bellows, registers, left }, material }: AccordionRecipe): Message[] {
  const usual = bellows.turn === 'top' && bellows.first === 'opening'
  return [
    ...(left.every === 2 && left.part === 'alternating' ? [tellInstrument('reeds.slow')] : []),
    ...(usual || isFree(material)
      ? []
      : [tellInstrument('reeds.bellows', { turn: bellows.turn, beats: bellows.beats, first: bellows.first })]),
    ...(registers.join() === '8' ? [] : [tellInstrument('reeds.registers', { registers: registers.join(' + ') })]),
  ]
}
