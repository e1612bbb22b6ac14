import { instrumentMessage } from '../messages'
import type { Message } from '../../message'
import { KINDS } from '../../material'
import { type MalletRecipe, stickingMessage } from '../../sticking'
import { isFree } from '../../study'

/** Whether one hand begins: not where both strike at once, nor with four mallets. */
export function hasLead({ mallets, material, roll }: MalletRecipe): boolean {
  const double = !isFree(material) && KINDS[material.kind].second !== undefined
  return mallets.count === 2 && (!double || roll.manner !== 'none')
}

/** What a title says of the sticks. */
export function sticksMessage(recipe: MalletRecipe): Message[] {
  const { mallets, rudiment, rudimentOn, roll, rhythm, school, tops, lead, ring } = recipe
  const dictated = mallets.count === 4 || rudiment !== 'none' || roll.manner !== 'none'
  const strokes = rhythm.ladder === 'strokes' ? 'ladder' : roll.strokes
  return [
    ...(hasLead(recipe) ? [instrumentMessage('stick.lead', { hand: lead })] : []),
    ...(dictated || school === 'doubles' ? [] : [instrumentMessage('stick.school', { school })]),
    ...(tops === 'twice' ? [instrumentMessage('stick.top-twice')] : []),
    ...(rudiment === 'none'
      ? []
      : [instrumentMessage('stick.rudiment', { rudiment: stickingMessage(`rudiment.${rudiment}`), on: rudimentOn })]),
    ...(roll.manner === 'none' ? [] : [instrumentMessage('stick.rolled', { manner: roll.manner, strokes })]),
    ...(ring.pedal === 'note' ? [] : [instrumentMessage('stick.pedal', { pedal: ring.pedal, damping: ring.damping })]),
    ...(ring.dead === 'none' ? [] : [instrumentMessage('stick.dead', { which: ring.dead })]),
    ...(mallets.count === 4 ? [instrumentMessage('stick.four', { figure: mallets.figure })] : []),
  ]
}
