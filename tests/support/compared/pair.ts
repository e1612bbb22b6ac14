import type { RecipeInput } from '#core/instrument'

/** Two studies, and every sentence that is said of the second beside the first; the figures of the index left out. */
export type ComparedPair = readonly [RecipeInput, RecipeInput, readonly string[]]

/** Two octaves unless said. */
export function study(
  tonic: string,
  kind = 'major',
  { inversion, ...more }: { readonly inversion?: number; readonly [field: string]: unknown } = {},
): RecipeInput {
  const material = { tonic, kind, ...(inversion ? { inversion } : {}) }
  return { octaves: 2, ...more, material } as RecipeInput
}
