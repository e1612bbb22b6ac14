import { KINDS } from '../../material'
import type { MalletRecipe } from '../../sticking'
import { isFree } from '../../study'

/** How every choice of a mallet study stands in a title; empty for what is usual. */
const SCHOOL: Record<MalletRecipe['school'], string> = {
  doubles: '',
  strict: 'strict alternation',
  'restore-lead': 'lead restored',
  'least-effort': 'least effort',
}
const RUDIMENT: Record<MalletRecipe['rudiment'], string> = {
  none: '',
  paradiddle: 'paradiddles',
  'double-paradiddle': 'double paradiddles',
  'paradiddle-diddle': 'paradiddle-diddles',
  'inverted-paradiddle': 'inverted paradiddles',
}

function rudimentWords({ rudiment, rudimentOn }: MalletRecipe): string {
  if (rudiment === 'none') return ''
  return `${RUDIMENT[rudiment]} ${rudimentOn === 'degree' ? 'on every degree' : 'over the notes'}`
}

function rollWords({ roll, rhythm }: MalletRecipe): string {
  if (roll.manner === 'none') return ''
  const manner = roll.manner === 'separate' ? 'rolled' : 'rolled through'
  return rhythm.ladder === 'strokes' ? manner : `${manner}, ${roll.strokes} to the beat`
}

function countWords({ mallets }: MalletRecipe): string {
  return mallets.count === 4 ? `four mallets ${mallets.figure}` : ''
}

/** Whether one hand begins: not where both strike at once, nor with four mallets. */
export function hasLead({ mallets, material, roll }: MalletRecipe): boolean {
  const double = !isFree(material) && KINDS[material.kind].second !== undefined
  return mallets.count === 2 && (!double || roll.manner !== 'none')
}

/** What a title says of the sticks. */
export function malletWords(recipe: MalletRecipe): string[] {
  const dictated = recipe.mallets.count === 4 || recipe.rudiment !== 'none' || recipe.roll.manner !== 'none'
  return [
    hasLead(recipe) ? `${recipe.lead} lead` : '',
    dictated ? '' : SCHOOL[recipe.school],
    recipe.tops === 'twice' ? 'top struck twice' : '',
    rudimentWords(recipe),
    rollWords(recipe),
    countWords(recipe),
  ].filter(Boolean)
}
