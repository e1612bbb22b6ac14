import { familyOf, type Recipe } from '#core/instrument'
import { materialName, titleOf } from '#core/realise'
import { touchedAlike, touchMessage } from '#core/study'
import type { Wording } from '../wording'

const USUAL = { articulation: 'legato' } as const

/** What a study is called for short; wholly, and with its touch, where another one beside it differs in no more than that. */
export function calledApart(w: Wording, recipe: Recipe, among: readonly Recipe[]): string {
  const name = w.format(materialName(recipe))
  const whole = w.format(titleOf(recipe))
  const alike = among.filter((other) => w.format(materialName(other)) === name)
  const twins = alike.filter((other) => w.format(titleOf(other)) === whole)
  const called = twins.length < alike.length ? whole : name
  const touched = twins.some((twin) => !touchedAlike(twin, recipe))
  return touched ? `${called}, ${w.format(touchMessage(recipe))}` : called
}

/** Adds what tells those apart that are called alike, where it does. */
function toldApart(names: readonly string[], besides: readonly string[]): string[] {
  return names.map((name, at) => {
    const alike = besides.filter((_, other) => names[other] === name)
    return new Set(alike).size > 1 && besides[at] ? `${name}, ${besides[at]}` : name
  })
}

/**
 * What studies are called wholly, with their touch where it is not the usual one; no two alike: what is called alike is
 * told apart by its touch, its tempo, its place among them.
 */
export function calledWhole(w: Wording, recipes: readonly Recipe[]): string[] {
  const touches = recipes.map((recipe) => (familyOf(recipe).hasTouch ? w.format(touchMessage(recipe)) : ''))
  const titles = recipes.map((recipe, at) => {
    const title = w.format(titleOf(recipe))
    return touches[at] && !touchedAlike(recipe, USUAL) ? `${title}, ${touches[at]}` : title
  })
  const touched = toldApart(titles, touches)
  const timed = toldApart(
    touched,
    recipes.map(({ tempo }) => w.text('lesson.tempo', { bpm: tempo.bpm })),
  )
  return timed.map((name, at) => {
    const before = timed.slice(0, at).filter((other) => other === name).length
    return before > 0 ? `${name} (${before + 1})` : name
  })
}
