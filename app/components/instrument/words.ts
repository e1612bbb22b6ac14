import { familyOf, instrumentOf, type Recipe } from '#core/instrument'
import type { RealisedStudy } from '#core/realise'
import type { FamilyWords } from './view'
import { t } from '~/composables/words'

/** Words of the instruments, without their pictures; a file to a family's folder. */
const found = import.meta.glob<{ words: FamilyWords }>('./*/words.ts', { eager: true })
const WORDS = new Map<string, FamilyWords>(Object.values(found).map(({ words }) => [words.plays, words]))

const wordsOfPlays = (plays: string): FamilyWords => {
  const words = WORDS.get(plays)
  if (words) return words
  throw new TypeError(`There are no words for what plays ${plays}.`)
}

/** An instrument by its name: “marimba 4.3”, “piano”. */
export function instrumentCalled(recipe: { readonly instrument?: Recipe['instrument'] }): string {
  const { make, size } = instrumentOf(recipe)
  return t('name.instrument', { make, size: size ?? '' }).trim()
}

/** What the page says of a recipe's family. @throws TypeError where its folder has no words */
export const wordsFor = (recipe: { readonly instrument?: Recipe['instrument'] }): FamilyWords =>
  wordsOfPlays(familyOf(recipe).plays)
export const wordsOf = ({ plays }: Pick<RealisedStudy, 'plays'>): FamilyWords => wordsOfPlays(plays)
