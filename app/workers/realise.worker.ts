import { expose } from 'comlink'
import type { ErrorData as Fault, Message } from '#core/message'
import { type Accepted, departures, realise, type RealisedStudy, takeAlternative } from '#core/realise'
import type { RecipeInput, Player, AnyPin } from '#core/instrument'
import { guarded } from './guarded'

/** A realised study, or why there is none. */
export type Realised =
  | { readonly study: RealisedStudy; readonly departs: { hand: Player; index: number }[] }
  | { readonly fault: Fault & { details?: Readonly<Record<string, unknown>> } }

/** An alternative that a player takes: its marks, and the pins that it brings with it. */
export interface Taken {
  readonly player: Player
  readonly marks: readonly string[]
  readonly pins: readonly AnyPin[]
}

const api = {
  /** Realises a recipe; with accepted fingers or sticks these stand, and `departs` says where the engine would now differ. */
  realise: (recipe: RecipeInput, accepted?: Accepted): Realised =>
    guarded(() => {
      const own = realise(recipe)
      const departs = accepted ? departures(own, accepted) : []
      return { study: departs.length > 0 ? realise(recipe, accepted) : own, departs }
    }),

  /** A recipe with some other fingers or sticks of a player. */
  taken: (recipe: RecipeInput, { player, marks, pins: own }: Taken): Realised =>
    guarded(() => {
      const pins = takeAlternative(realise(recipe, {}, 0), player, marks, own)
      return { study: realise({ ...recipe, pins } as RecipeInput), departs: [] }
    }),

  /** Titles of recipes, or why one cannot be played. */
  titles: (recipes: readonly RecipeInput[]): ({ title: Message } | { fault: Fault })[] =>
    recipes.map((recipe) => guarded(() => ({ title: realise(recipe, {}, 0).title }))),

  /** The pins that give a player of a recipe some other fingers or sticks. */
  take: (recipe: RecipeInput, { player, marks, pins }: Taken): { pins: readonly AnyPin[] } | { fault: Fault } =>
    guarded(() => ({ pins: takeAlternative(realise(recipe, {}, 0), player, marks, pins) })),
}

export type RealiseApi = typeof api

expose(api)
