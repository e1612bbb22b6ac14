import type { Recipe } from '#core/instrument'
import { materialName, titleOf } from '#core/realise'
import { wordsFor } from '~/components/instrument/words'
import { formatMessage } from '~/composables/words'

const shortOf = (recipe: Recipe): string => formatMessage(materialName(recipe))

/**
 * What tells each study apart from others beside it that are called alike: how it is played, or the whole title where
 * that is alike too; nothing where its name does.
 * @param others that are not named here, but could be meant: what else the pupil plays
 */
export function apartOf(recipes: readonly Recipe[], others: readonly Recipe[] = []): string[] {
  const all = [...recipes, ...others].map((recipe) => ({
    ...{ short: shortOf(recipe), whole: formatMessage(titleOf(recipe)) },
    played: wordsFor(recipe).programme(recipe),
  }))
  return all.slice(0, recipes.length).map(({ short, whole, played }) => {
    // a title says nothing of the touch, how it is played nothing of patterns
    const alike = all.filter((other) => other.short === short && (other.whole !== whole || other.played !== played))
    if (alike.length === 0) return ''
    return alike.some((other) => other.played === played) ? whole : played
  })
}

/** Short names of a set's studies, by their place: “C minor arpeggio”, and what tells them apart where two are called alike. */
export function namesOf(recipes: readonly Recipe[]): string[] {
  const apart = apartOf(recipes)
  return recipes.map((recipe, at) => {
    const [name, own] = [shortOf(recipe), apart[at]!]
    return own.startsWith(name) ? own : own ? `${name}, ${own}` : name
  })
}
