import { keyNamed } from '../material'
import { listed, type ListParam, type Message, named } from '../message'
import {
  type CommonRecipe,
  type Journey,
  type KeyList,
  motifText,
  type Pattern,
  PLAIN_PATTERN,
  usualLink,
} from '../study'
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
  ...(bookends.after === 'cadence' && bookends.chords
    ? [titleMessage('bookends.cadence', { chords: bookends.chords.join(' ') })]
    : choiceMessages('after', bookends.after)),
  ...(bookends.after === 'cadence' ? chordMessages(bookends) : []),
]

/** How the chords of a cadence lie, and what stands beneath them. */
const chordMessages = ({ voicing, labels }: CommonRecipe['bookends']): Message[] => [
  ...(voicing === 'close' ? [] : [choiceMessage('voicing', voicing)]),
  ...choiceMessages('labels', labels),
]

/** What is said of a motif and its way: “1 4 2 3 on every degree, back to front on the way back”. */
function motifMessages({ motif, sequence }: Pattern): Message[] {
  if (!motif) return []
  const { step, direction, return: back } = sequence
  return [
    titleMessage('line.motif', { motif: motifText(motif), step }),
    ...(direction === 'course' ? [] : [titleMessage('line.direction', { direction })]),
    ...(typeof back === 'object' ? [titleMessage('line.other', { motif: motifText(back.motif) })] : []),
    ...(typeof back === 'object' || back === 'mirrored' ? [] : [titleMessage('line.return', { how: back })]),
  ]
}

const keyInWords = (key: KeyList['keys'][number]): Message | ListParam['items'][number] =>
  typeof key === 'string' ? named(key) : keyNamed(key)

/** What is said of the way through the keys: by its name, as a list, or step by step. */
export function journeyMessages(journey: Journey): Message[] {
  if (typeof journey === 'string') return choiceMessages('journey', journey)
  const { legs } = journey
  if ('keys' in journey) return [titleMessage('line.keys', { keys: listed(journey.keys.map(keyInWords)), legs })]
  const step = choiceMessage('keyStep', journey.by)
  // what is only asked has no number yet
  return journey.count === undefined ? [step] : [titleMessage('line.steps', { step, count: journey.count, legs })]
}

/** What is said of a link: nothing where there is nothing to link, or the usual one. */
function linkMessages({ journey, link }: Pattern): Message[] {
  if (journey === PLAIN_PATTERN.journey || link === usualLink(journey)) return []
  return [titleMessage('line.link', { link: choiceMessage('link', link) })]
}

/** What is said of a pattern alone: nothing where it is plain. */
const patternMessage = ({ pattern }: Pick<CommonRecipe, 'pattern'>): Message[] => [
  ...motifMessages(pattern),
  ...choiceMessages('figure', pattern.figure),
  ...choiceMessages('walk', pattern.walk),
  ...journeyMessages(pattern.journey),
  ...linkMessages(pattern),
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
