import type { Message } from '../message'
import type { CommonRecipe } from '../study'
import { type ShapeChoices, titleMessage } from './messages'

/** A choice of a shape as menus call it. */
export const choiceMessage = <F extends keyof ShapeChoices>(field: F, value: ShapeChoices[F]): Message => ({
  code: `shape.${field}.${value}`,
})

/** What is plain is not said. */
const PLAIN: readonly string[] = ['straight', 'one-key', 'none', 'even']
const choiceMessages = <F extends keyof ShapeChoices>(field: F, value: ShapeChoices[F]): Message[] =>
  PLAIN.includes(value) ? [] : [choiceMessage(field, value)]

export const rhythmMessage = ({ rhythm }: Pick<CommonRecipe, 'rhythm'>): Message[] => [
  ...choiceMessages('ladder', rhythm.ladder),
  ...choiceMessages('lengths', rhythm.lengths),
  ...(rhythm.swing === 50 ? [] : [titleMessage('rhythm.swing', { swing: rhythm.swing })]),
  ...(rhythm.accents === 0 ? [] : [titleMessage('rhythm.accents', { accents: rhythm.accents })]),
]

export const bookendsMessage = ({ bookends }: Pick<CommonRecipe, 'bookends'>): Message[] => [
  ...choiceMessages('before', bookends.before),
  ...choiceMessages('after', bookends.after),
]

/** What is said of a pattern alone: nothing where it is plain. */
const patternMessage = ({ pattern }: Pick<CommonRecipe, 'pattern'>): Message[] => [
  ...choiceMessages('figure', pattern.figure),
  ...choiceMessages('walk', pattern.walk),
  ...choiceMessages('journey', pattern.journey),
  ...choiceMessages('accompaniment', pattern.accompaniment),
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
  ...choiceMessages('ladder', recipe.rhythm.ladder),
  ...choiceMessages('lengths', recipe.rhythm.lengths),
]
