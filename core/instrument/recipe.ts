import type { CommonInput } from '../study'
import type { Family, Performance } from './family'
import type { FAMILIES } from './register'

type Families = (typeof FAMILIES)[number]
type RecipeOf<F> = F extends { complete(...values: never[]): infer R } ? R : never
type PerformanceOf<F> = F extends { describe(performance: infer P): unknown } ? P : never
type PlayerOf<F> = F extends { readonly players: readonly (infer PlayerId)[] } ? PlayerId : never

/** What a teacher asks for, with nothing left open; `completeRecipe` fills the defaults. */
export type Recipe = RecipeOf<Families>
type StagedBy<F> = F extends unknown ? { readonly recipe: RecipeOf<F> } & PerformanceOf<F> : never

/** How a study is played; `plays` tells families apart. */
export type Played = PerformanceOf<Families>
/** The same with the recipe that it was played from: what `plays` tells of one, it tells of the other. */
export type Staged = StagedBy<Families>
/** A finger, stick … that is fixed. */
export type AnyPin = Recipe['pins'][number]
/** Who plays a line of a study: a hand with its fingers, or two sticks that share one. */
export type Player = PlayerOf<Families>

type OwnFields<R> = R extends Recipe ? Omit<R, keyof CommonInput> : never
type All<U> = (U extends unknown ? (each: U) => void : never) extends (all: infer I) => void ? I : never
/** Parts of a recipe may be given in part, and parts within them. */
type Given<T> = T extends readonly unknown[]
  ? T
  : T extends object
    ? { readonly [field in keyof T]?: Given<T[field]> }
    : T
type Own = All<OwnFields<Recipe>>

/** A recipe as it may be written: everything but the material has a default. */
export type RecipeInput = Omit<CommonInput, 'instrument' | 'school' | 'pins'> & {
  readonly instrument?: Recipe['instrument']
  readonly school?: Recipe['school']
  readonly pins?: readonly AnyPin[]
} & { readonly [field in keyof Own]?: Given<Own[field]> }

/** A family of the register, when it is not known which. */
export type AnyFamily = Family<Recipe, Played & Performance, Player>
