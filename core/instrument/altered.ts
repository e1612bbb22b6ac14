import { movesNotes } from './changes'
import { completeRecipe } from './complete'
import { movedTo } from './moved'
import { overWhole } from './nested'
import { freed } from './playerSettings'
import type { RecipeInput } from './recipe'

type Changes = Partial<RecipeInput>

/** The same on the instrument that is named, with what it can take of it. */
function onInstrument(base: RecipeInput, { instrument }: Changes): RecipeInput {
  if (!instrument || instrument === (base.instrument ?? instrument)) return base
  return { ...base, ...movedTo(completeRecipe(base), instrument) } as RecipeInput
}

/**
 * A recipe with some of it changed, parts of it field by field. Where notes move, pins are let go and the start is
 * chosen anew, unless the change names them.
 */
export function altered(requested: RecipeInput, change: Changes): RecipeInput {
  const base = freed(onInstrument(requested, change), change)
  const { pins, startOctave, ...rest } = overWhole(base, change)
  const stays = !movesNotes(base, change)
  return {
    ...(rest as RecipeInput),
    ...(change.pins ? { pins: change.pins } : stays && pins ? { pins } : {}),
    // what is left open is no field: whoever lays this over a whole recipe would lose the one that it has
    ...(startOctave !== undefined && (stays || change.startOctave !== undefined) ? { startOctave } : {}),
  }
}

/** A part that nothing was laid over has its fields in the same order. */
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** What of a change a recipe has not yet: fields whose values, parts by their own fields, are others there. */
export const alters = (recipe: RecipeInput, change: Changes): Changes => {
  const whole = overWhole(recipe, change)
  const fields = Object.keys(change) as (keyof RecipeInput)[]
  return Object.fromEntries(
    fields.filter((field) => !same(whole[field], recipe[field])).map((field) => [field, change[field]]),
  )
}
