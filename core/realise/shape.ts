import type { Message } from '../message'
import type { CommonRecipe } from '../study'
import { type ShapeChoices, titleMessage } from './messages'

/** A choice of a shape as menus call it. */
export const choiceMessage = <F extends keyof ShapeChoices>(field: F, value: ShapeChoices[F]): Message => ({
  code: `shape.${field}.${value}`,
})

/** What is plain is not said. */
const PLAIN: readonly string[] = ['straight', 'one-key', 'none', 'even']
const told = <F extends keyof ShapeChoices>(field: F, value: ShapeChoices[F]): Message[] =>
  PLAIN.includes(value) ? [] : [choiceMessage(field, value)]

export const rhythmMessage = ({ rhythm }: Pick<CommonRecipe, 'rhythm'>): Message[] => [
  ...told('ladder', rhythm.ladder),
  ...told('lengths', rhythm.lengths),
  ...(rhythm.swing === 50 ? [] : [titleMessage('rhythm.swing', { swing: rhythm.swing })]),
  ...(rhythm.accents === 0 ? [] : [titleMessage('rhythm.accents', { accents: rhythm.accents })]),
]

export const bookendsMessage = ({ bookends }: Pick<CommonRecipe, 'bookends'>): Message[] => [
  ...told('before', bookends.before),
  ...told('after', bookends.after),
]

/** What is said of a pattern alone: nothing where it is plain. */
const patternMessage = ({ pattern }: Pick<CommonRecipe, 'pattern'>): Message[] => [
  ...told('figure', pattern.figure),
  ...told('walk', pattern.walk),
  ...told('journey', pattern.journey),
  ...told('accompaniment', pattern.accompaniment),
]

/** What a title says of pattern, rhythm and bookends: nothing where all is plain. */
export const shapeMessage = (recipe: Pick<CommonRecipe, 'pattern' | 'rhythm' | 'bookends'>): Message[] => [
  ...patternMessage(recipe),
  ...rhythmMessage(recipe),
  ...bookendsMessage(recipe),
]

/** What makes it another course than the plain one; nothing where nothing does. Accents and swing do not. */
export const courseMessage = (recipe: Pick<CommonRecipe, 'pattern' | 'rhythm'>): Message[] => [
  ...patternMessage(recipe),
  ...told('ladder', recipe.rhythm.ladder),
  ...told('lengths', recipe.rhythm.lengths),
]
