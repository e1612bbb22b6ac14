import type { Recipe } from '#core/instrument'
import { materialName, titleOf } from '#core/realise'
import type { Wording } from '../wording'

/** What a study is called for short; wholly, and with its touch, where another one beside it differs in no more than that. */
export function calledApart(w: Wording, recipe: Recipe, among: readonly Recipe[]): string {
  const name = w.format(materialName(recipe))
  const whole = w.format(titleOf(recipe))
  const alike = among.filter((other) => w.format(materialName(other)) === name)
  const twins = alike.filter((other) => w.format(titleOf(other)) === whole)
  const called = twins.length < alike.length ? whole : name
  const touched = twins.some(({ articulation }) => articulation !== recipe.articulation)
  return touched ? `${called}, ${w.text('name.touch', { touch: recipe.articulation })}` : called
}
