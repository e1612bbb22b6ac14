import { tellInstrument } from '../messages'
import type { Message } from '../../message'
import { KINDS } from '../../material'
import { type MalletRecipe, tellSticking } from '../../sticking'
import { isFree } from '../../study'

/** Whether one hand begins: not where both strike at once, nor with four mallets. */
export function hasLead({ mallets, material, roll }: MalletRecipe): boolean {
  const double = !isFree(material) && KINDS[material.kind].second !== undefined
  return mallets.count === 2 && (!double || roll.manner !== 'none')
}

/** What a title says of the sticks. */
export function sticksTold(recipe: MalletRecipe): Message[] {
  const { mallets, rudiment, rudimentOn, roll, rhythm, school, tops, lead } = recipe
  const dictated = mallets.count === 4 || rudiment !== 'none' || roll.manner !== 'none'
  const strokes = rhythm.ladder === 'strokes' ? 'ladder' : roll.strokes
  return [
    ...(hasLead(recipe) ? [tellInstrument('stick.lead', { hand: lead })] : []),
    ...(dictated || school === 'doubles' ? [] : [tellInstrument('stick.school', { school })]),
    ...(tops === 'twice' ? [tellInstrument('stick.top-twice')] : []),
    ...(rudiment === 'none'
      ? []
      : [tellInstrument('stick.rudiment', { rudiment: tellSticking(`rudiment.${rudiment}`), on: rudimentOn })]),
    ...(roll.manner === 'none' ? [] : [tellInstrument('stick.rolled', { manner: roll.manner, strokes })]),
    ...(mallets.count === 4 ? [tellInstrument('stick.four', { figure: mallets.figure })] : []),
  ]
}
