import type { Recipe } from '#core/instrument'
import type { Message } from '#core/message'

/** What is known of a study that may be told of; `tempo` is that of its practice, notes a minute. */
export interface Told {
  readonly recipe: Recipe
  readonly title: Message
  readonly required: number
  readonly tempo?: number
  readonly steps?: readonly { readonly tempo: number }[]
}
