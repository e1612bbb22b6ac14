import type { Recipe } from '#core/instrument'
import { materialName, titleOf } from '#core/realise'
import type { Wording } from '../wording'

/** What a study is called for short; wholly, where another one beside it is called alike. */
export function calledApart(w: Wording, recipe: Recipe, among: readonly Recipe[]): string {
  const name = w.format(materialName(recipe))
  const titles = new Set(
    among.filter((other) => w.format(materialName(other)) === name).map((other) => w.format(titleOf(other))),
  )
  return titles.size > 1 ? w.format(titleOf(recipe)) : name
}
