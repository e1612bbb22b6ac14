import { fingeringError } from '../fingering'
import type { DomainError } from '../message'
import { pitchName } from '../pitch'
import { isFree } from '../study'
import type { Pressing } from './press'
import type { AccordionRecipe } from './settings'

/** Notes at one step that no hand takes at once: more of them than it has fingers. */
export function outOfReach<B, T extends string>(
  recipe: AccordionRecipe,
  { states, steps, line }: Pressing<B, T>,
): DomainError {
  const at = Math.max(
    0,
    states.findIndex((grasps) => grasps.length === 0),
  )
  const names = (steps[at]?.notes ?? []).map((note) => pitchName(line.notes[note]!.pitch))
  const path = isFree(recipe.material) ? 'material.pitches' : 'school'
  return fingeringError('reach', { pitches: names.join(' '), size: recipe.handSize, hand: line.hand }, path)
}
