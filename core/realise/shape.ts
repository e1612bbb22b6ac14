import type { Message } from '../message'
import type { CommonRecipe } from '../study'
import { type ShapeChoices, tellTitle } from './messages'

/** A choice of a shape as menus call it. */
export const choiceTold = <F extends keyof ShapeChoices>(field: F, value: ShapeChoices[F]): Message => ({
  code: `shape.${field}.${value}`,
})

/** What is plain is not said. */
const PLAIN: readonly string[] = ['straight', 'one-key', 'none', 'even']
const told = <F extends keyof ShapeChoices>(field: F, value: ShapeChoices[F]): Message[] =>
  PLAIN.includes(value) ? [] : [choiceTold(field, value)]

export const rhythmTold = ({ rhythm }: Pick<CommonRecipe, 'rhythm'>): Message[] => [
  ...told('ladder', rhythm.ladder),
  ...told('lengths', rhythm.lengths),
  ...(rhythm.swing === 50 ? [] : [tellTitle('rhythm.swing', { swing: rhythm.swing })]),
  ...(rhythm.accents === 0 ? [] : [tellTitle('rhythm.accents', { accents: rhythm.accents })]),
]

export const bookendsTold = ({ bookends }: Pick<CommonRecipe, 'bookends'>): Message[] => [
  ...told('before', bookends.before),
  ...told('after', bookends.after),
]

/** What is said of a pattern alone: nothing where it is plain. */
const patternTold = ({ pattern }: Pick<CommonRecipe, 'pattern'>): Message[] => [
  ...told('figure', pattern.figure),
  ...told('walk', pattern.walk),
  ...told('journey', pattern.journey),
  ...told('accompaniment', pattern.accompaniment),
]

/** What a title says of pattern, rhythm and bookends: nothing where all is plain. */
export const shapeTold = (recipe: Pick<CommonRecipe, 'pattern' | 'rhythm' | 'bookends'>): Message[] => [
  ...patternTold(recipe),
  ...rhythmTold(recipe),
  ...bookendsTold(recipe),
]

/** What makes it another course than the plain one; nothing where nothing does. Accents and swing do not. */
export const courseTold = (recipe: Pick<CommonRecipe, 'pattern' | 'rhythm'>): Message[] => [
  ...patternTold(recipe),
  ...told('ladder', recipe.rhythm.ladder),
  ...told('lengths', recipe.rhythm.lengths),
]
