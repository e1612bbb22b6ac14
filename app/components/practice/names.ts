import type { Recipe } from '#core/instrument'
import { materialName } from '#core/realise'
import { wordsFor } from '~/components/instrument/words'
import { formatMessage } from '~/composables/words'

/** Short names of a set's studies, by their place: “C minor arpeggio”, and by whom where two would be called alike. */
export function namesOf(recipes: readonly Recipe[]): string[] {
  const short = recipes.map((recipe) => formatMessage(materialName(recipe)))
  return recipes.map((recipe, at) => {
    const name = short[at]!
    const alone = short.indexOf(name) === short.lastIndexOf(name)
    return alone ? name : `${name}, ${wordsFor(recipe).programme(recipe)}`
  })
}
