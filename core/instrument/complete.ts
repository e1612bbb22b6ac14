import { instrumentError } from './messages'
import type { FingerRecipe } from '../fingering'
import { completeCommon } from '../study'
import { families, familyOf, DEFAULT_INSTRUMENT } from './find'
import type { AnyFamily, Recipe, RecipeInput } from './recipe'

/** @throws DomainError `field.instrument` where a field belongs to another family */
function checkFields(input: RecipeInput, own: AnyFamily, instrument: string): void {
  for (const other of families()) {
    const fields = other === own ? [] : (other.fields as readonly (keyof RecipeInput)[])
    const stray = fields.find(
      (field) => input[field] !== undefined && !(own.fields as readonly string[]).includes(field),
    )
    if (stray === undefined) continue
    throw instrumentError('field.instrument', { field: stray, for: other.plays, instrument }, stray)
  }
}

/**
 * Fills the defaults and checks every field on its own; whether the whole fits the instrument is checked when it is
 * realised.
 * @throws DomainError naming the field
 */
export function completeRecipe(input: RecipeInput & { readonly instrument?: 'piano' }): FingerRecipe
export function completeRecipe(input: RecipeInput): Recipe
export function completeRecipe(input: RecipeInput): Recipe {
  const { instrument = DEFAULT_INSTRUMENT } = input ?? {}
  const family = familyOf({ instrument })
  const common = completeCommon(
    input,
    family.usualStart(instrument),
    input?.material ? family.usualPerBeat(input) : undefined,
  )
  checkFields(input, family, instrument)
  return family.complete(input, common, instrument)
}
